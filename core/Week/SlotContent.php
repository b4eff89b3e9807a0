<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Demand;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\WorkingSets;

/**
 * What a session gives to a week: its length, and for each demand sets at planned dose and time under tension. Of one of which
 * the person picks some it is the longest choice, and what the choices give on average: one set at least of what may be picked.
 */
final readonly class SlotContent
{
    /**
     * @param array<string, int> $sets by demand, outside a primer part: what is done there is less than planned dose
     * @param array<string, int> $work seconds under tension by main demand
     * @param list<string>       $tooMuchForPrimer names of exercises that are more than a primer may have
     * @param array<string, int> $kinds working sets by kind of work
     * @param array<string, int> $chances how likely a demand is met where the person picks, in tenths of a per cent; surely where nothing is said
     */
    public function __construct(public string $title, public int $seconds, public array $sets, public array $work, public array $tooMuchForPrimer = [], public array $kinds = [], private array $chances = []) {}

    /**
     * @param \Closure(Item): bool|null $isTooMuch whether an exercise is more than a primer may have
     * @param int|null                  $picks     so many of its exercises the person picks; null for all
     */
    public static function of(string $title, ?Session $session, ?\Closure $isTooMuch = null, ?int $picks = null): self
    {
        if ($session === null) {
            return new self($title, 0, [], []);
        }
        $timeline = $session->timeline();
        $totals = $timeline->totalsByItem();
        $sets = $work = $blocks = [];
        foreach ($session->blocks as $at => $block) {
            foreach ($block->items() as $item) {
                $demand = $item->rung->demand->value;
                $work[$demand] = ($work[$demand] ?? 0) + $totals[$item->id]->work;
                if ($block->part() !== Part::Primer) {
                    $sets[$demand] = ($sets[$demand] ?? 0) + $item->dose->sets();
                    $blocks[$demand][$at] = true;
                }
            }
        }

        $tooMuch = $isTooMuch === null ? [] : array_values(array_filter($session->items(), $isTooMuch));

        $length = SessionLength::of($session, $picks);
        $picking = $length->picking;
        $average = static fn(int $all): int => $picking === null || $all === 0 ? $all : max(1, intdiv(2 * $all * $picking->picks + $picking->of, 2 * $picking->of));

        return new self(
            $title,
            $length->longest,
            array_map($average, $sets),
            array_map($average, $work),
            array_map(static fn(Item $item): string => $item->rung->name, $tooMuch),
            array_map($average, WorkingSets::byKind($session)),
            $picking === null ? [] : array_map(static fn(array $here): int => $picking->chancePerMille(count($here)), $blocks),
        );
    }

    /** How likely the session meets a demand, in tenths of a per cent. */
    public function chancePerMille(Demand $demand): int
    {
        return $this->sets($demand) === 0 ? 0 : $this->chances[$demand->value] ?? 1000;
    }

    public function sets(Demand $demand): int
    {
        return $this->sets[$demand->value] ?? 0;
    }
}
