<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Person\EasierNow;
use EvenRungs\Person\LighterDose;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\SessionStart;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\SetClock;
use EvenRungs\Session\Template;
use EvenRungs\Session\TemplateSlot;
use EvenRungs\Session\Warning;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;

/** One of a squad, at every station on their own rung. */
final readonly class SquadMember
{
    /** @param list<SquadPlace> $places by station; none where training is closed to them */
    private function __construct(public PersonRecord $record, public array $places) {}

    /** @param list<Ladder> $stations */
    public static function of(PersonRecord $record, array $stations, SquadClock $clock): self
    {
        if (! $record->admission()->open) {
            return new self($record, []);
        }
        [$footing, $held] = SessionStart::footing($record);
        $places = $used = [];
        // Where they stand on the ladder of a station they do that rung there: another station has it only after that.
        $isOwn = static fn(Ladder $ladder): bool => isset($footing->working[$ladder->slug]) && $record->circumstances()->rule($footing->working[$ladder->slug])->openSomewhere();
        foreach (array_filter($stations, $isOwn) + $stations as $at => $ladder) {
            [$rung, $notes] = Template::choose(new TemplateSlot($ladder->demand, ladders: [$ladder->slug]), $record->library, $footing, $used);
            $notes = [...isset($held[$ladder->slug]) ? [$held[$ladder->slug]] : [], ...$notes];
            if ($rung === null) {
                $places[$at] = new SquadPlace($at, null, null, $notes);
                continue;
            }
            $used[] = $rung->slug;
            if ($notes === [] && $rung->ladder !== $ladder->slug) {
                $notes[] = Reason::because(Rule::SquadStation, "Not placed on “{$ladder->name}”, so “{$rung->name}” of “{$record->library->ladder($rung->ladder)->name}” is done here: it asks for the same.", ['height' => $rung->height->label()], 'A placing on the board.');
            }
            $places[$at] = self::place($at, $rung, $notes, $clock, $footing->clock($rung)->work, $record);
        }
        ksort($places);

        return new self($record, array_values($places));
    }

    /**
     * @param list<Reason> $notes why this rung
     * @param int          $own   seconds that the level of the rung, and what is due of it, have
     */
    private static function place(int $at, Rung $rung, array $notes, SquadClock $clock, int $own, PersonRecord $record): SquadPlace
    {
        $work = min($clock->work, $own);
        if ($work < $clock->work) {
            $notes[] = Reason::because(Rule::SquadClock, "{$work} s of work, then rest until the change: no longer than the level of the exercise, and what is due, have it.", ['station' => "{$clock->work} s", 'own work' => "{$own} s"], 'A clean session of this exercise by the clock, or a higher rung.');
        }
        [$written, $cut] = self::withinLimits(new Item(self::itemOf($at), $rung, Dose::of($clock->rounds, Timed::of($work)), $record->firstSide($rung->ladder)), $work, $record);

        return new SquadPlace($at, $written, Permitted::item($written, $record->circumstances()), [...$notes, ...$cut]);
    }

    /**
     * Holds that are longer than a limit allows are cut up, and are no more than is due of them: nobody stands beside each of
     * them to say when it is enough.
     *
     * @return array{Item, list<Reason>}
     */
    private static function withinLimits(Item $item, int $work, PersonRecord $record): array
    {
        [$dose, $notes] = CapCheck::underLimits($item, $record->circumstances()->limits, $work);
        if ($dose === $item->dose) {
            return [$item, []];
        }
        $lighter = LighterDose::of(new WrittenItem($item->id, $item->rung->slug, DoseLine::print($dose)), $item->rung, $dose, $record, keepsRounds: true);
        if ($lighter !== null) {
            $dose = DoseLine::parse($lighter[0]->dose, $item->rung->sidedness);
            $notes[] = $lighter[1];
        }

        return [new Item($item->id, $item->rung, $dose, $item->firstSide), $notes];
    }

    /**
     * The versions that may take the rest of a station where form is lost, the smallest change first.
     *
     * @return list<array{string, SquadPlace}> what makes it easier, and how it is done on this clock
     */
    public function easier(SquadPlace $place): array
    {
        $versions = [];
        foreach ($place->item === null ? [] : EasierNow::of($this->record, $place->item) as $version) {
            [$item] = self::withinLimits($version->item, SetClock::seconds($version->item), $this->record);
            $versions[] = [$version->words, new SquadPlace($place->station, $item, $item, [])];
        }

        return $versions;
    }

    public function trains(): bool
    {
        return $this->rungs() !== [];
    }

    /** @return list<Rung> */
    public function rungs(): array
    {
        return array_values(array_filter(array_map(static fn(SquadPlace $place): ?Rung => $place->rung(), $this->places)));
    }

    /** The name that the exercise of a station has in the written session. */
    private static function itemOf(int $station): string
    {
        return 'station-'.($station + 1);
    }

    /**
     * Their own session: the stations in the order they come to them, and rest where the clock goes on without them.
     *
     * @param int $start the station they begin at
     *
     * @return list<WrittenBlock>
     */
    public function written(SquadClock $clock, int $start): array
    {
        $items = $gaps = [];
        // What is rested before the first station they work at, in every round.
        $before = 0;
        for ($at = 0; $at < $clock->stations; $at++) {
            $place = $this->places[$clock->station($start, $at)] ?? null;
            $isLast = $at === $clock->stations - 1;
            $change = $isLast ? 0 : $clock->change;
            if ($place?->item === null || $place->written === null) {
                $rest = $clock->work + $change;
                $items === [] ? $before += $rest : $gaps[] = array_pop($gaps) + $rest;
                continue;
            }
            $items[] = new WrittenItem($place->written->id, $place->written->rung->slug, DoseLine::print($place->written->dose));
            $gaps[] = $clock->work - $place->written() + $change;
        }
        if ($items === []) {
            return [];
        }
        $after = array_pop($gaps) ?? 0;

        return count($items) === 1
            ? [WrittenBlock::straight($items[0])]
            : [new WrittenBlock(true, $items, array_map(static fn(int $gap): int => min($gap, Circuit::MOST_REST), $gaps), min($after + $clock->roundRest + $before, Circuit::MOST_REST))];
    }

    /**
     * What the trainer should know of this person's session, of the whole and of each exercise.
     *
     * @return list<Reason>
     */
    public function cautions(SquadClock $clock): array
    {
        $session = $this->trains() ? $this->record->read($this->written($clock, 0))->session : null;
        if ($session === null) {
            return [];
        }
        $morning = $this->record->morningToAsk();
        $first = array_filter([
            $this->record->rescreen(),
            $morning === null ? null : Reason::because(Rule::PainMorning, "How the morning after {$morning->log->on->inWords()} was has not been asked yet: ask before they train.", [], 'An answer, where they are coached.'),
        ]);
        $warnings = $this->record->warnings();
        $all = $warnings->aboutAll($session);
        foreach ($session->items() as $item) {
            array_push($all, ...$warnings->about($item, inCircuit: true));
        }
        // What no station asks for and how long a change takes are said of the squad once; what stands in is said at its place.
        $said = [Rule::WorkShares, Rule::CircuitChangeOver, Rule::WorkingRung];

        return array_values(array_unique([...$first, ...array_map(
            static fn(Warning $warning): Reason => $warning->reason,
            array_filter($all, static fn(Warning $warning): bool => ! in_array($warning->reason->rule, $said, true)),
        )], SORT_REGULAR));
    }
}
