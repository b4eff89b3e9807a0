<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Demand;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Item;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Totals;

/**
 * Which of the exercises a person stands on go into one session of so many minutes: few with all their sets, rather than
 * all with one. The demands of every week are met whatever it takes, the weakest first; then the others, then a second of
 * each, as long as there is time, eight at most. Of one demand comes first what no other session has, then what was trained
 * longest ago.
 */
final readonly class SessionChoice
{
    /** One of each demand, what wakes them up, and a lift: more exercises than that are little of each (our own choice). */
    private const MOST = 8;

    /**
     * @param list<Item> $taken in the order of the board
     * @param list<Item> $left  for another day
     */
    private function __construct(public array $taken, public array $left, private int $minutes, private PersonRecord $record) {}

    /**
     * @param list<Item>   $items     one for each ladder, in the dose that is due
     * @param list<string> $elsewhere slugs of the ladders that other sessions of the week have
     */
    public static function of(array $items, int $minutes, PersonRecord $record, array $elsewhere = []): self
    {
        $rows = self::rows($items, $record, $elsewhere);
        $taken = [];
        for ($round = 0; array_filter($rows, static fn(array $row): bool => isset($row[$round])) !== []; $round++) {
            foreach ($rows as $demand => $row) {
                $more = isset($row[$round]) ? self::among($items, [...$taken, $row[$round]]) : $taken;
                $isNeeded = $round === 0 && in_array(Demand::from($demand), Demand::everyWeek(), true);
                if ($isNeeded || (count($more) <= self::MOST && self::seconds($more, $record) <= 60 * $minutes)) {
                    $taken = $more;
                }
            }
        }

        return new self($taken, array_values(array_filter($items, static fn(Item $item): bool => ! in_array($item, $taken, true))), $minutes, $record);
    }

    /**
     * In the order of the board.
     *
     * @param list<Item> $items
     * @param list<Item> $some
     *
     * @return list<Item>
     */
    private static function among(array $items, array $some): array
    {
        return array_values(array_filter($items, static fn(Item $item): bool => in_array($item, $some, true)));
    }

    /** What was left for another day, and why; null where nothing was. */
    public function reason(): ?Reason
    {
        if ($this->left === []) {
            return null;
        }
        $names = implode(', ', array_unique(array_map(fn(Item $item): string => lcfirst((string) preg_replace('/ ladder$/', '', $this->record->library->ladder($item->rung->ladder)->name)), $this->left)));

        $all = count($this->taken) + count($this->left);
        $takes = self::seconds($this->taken, $this->record);
        $part = count($this->taken)." of the {$all} ladders of the board";
        $sentence = match (true) {
            $takes > 60 * $this->minutes => 'The demands of every week alone take '.Totals::clock($takes)." of {$this->minutes}:00: {$part}.",
            count($this->taken) === self::MOST => "One session takes {$part}: more would be little of each.",
            default => "{$this->minutes} minutes hold {$part} with all their sets.",
        };

        return Reason::because(Rule::SessionChoice, "{$sentence} For another day: {$names}.", ['minutes' => (string) $this->minutes, 'chosen' => (string) count($this->taken)], 'More minutes, or one of them added by hand.');
    }

    /**
     * @param list<Item>   $items
     * @param list<string> $elsewhere
     *
     * @return array<string, list<Item>> by demand: those of every week first, and the weakest first; in each the next one first
     */
    private static function rows(array $items, PersonRecord $record, array $elsewhere): array
    {
        $trained = [];
        foreach ($record->history->logs() as $log) {
            foreach ($log->ladders() as $ladder) {
                $trained[$ladder] = max($trained[$ladder] ?? '', $log->on->iso());
            }
        }
        $turn = static fn(Item $item): array => [in_array($item->rung->ladder, $elsewhere, true), $trained[$item->rung->ladder] ?? '', -$item->rung->height->tenths];
        usort($items, static fn(Item $a, Item $b): int => $turn($a) <=> $turn($b));
        $rows = [];
        foreach ($items as $item) {
            $rows[$item->rung->demand->value][] = $item;
        }
        $heights = $record->evenness()->heights;
        $order = static fn(string $demand): array => [! in_array(Demand::from($demand), Demand::everyWeek(), true), ! Demand::from($demand)->hasShare(), ($heights[$demand] ?? null)->tenths ?? 1000];
        uksort($rows, static fn(string $a, string $b): int => $order($a) <=> $order($b));

        return $rows;
    }

    /**
     * As they will stand: change-overs depend on the order.
     *
     * @param list<Item> $items
     */
    private static function seconds(array $items, PersonRecord $record): int
    {
        $session = new Session(array_map(static fn(Item $item): StraightSets => new StraightSets($item), $items));

        return OrderSchool::for($record->circumstances())->write($session, $record->evenness()->heights)->timeline()->totals()->total();
    }
}
