<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;

/** Why a week of a program is as it is: its sets by ladder, and what the minutes did not hold. */
final readonly class WeekReasons
{
    /** Minutes a session that are tried when looking for what would make a minimum possible. */
    private const MORE_MINUTES = 30;

    public function __construct(private ProgramRequest $wish, private SetProblem $problem) {}

    /**
     * @param array<string, Session>               $sessions by slot
     * @param array<string, array<string, Totals>> $totals   by slot and exercise
     *
     * @return array<string, Reason> by ladder
     */
    public function sets(array $sessions, array $totals, WorkShares $shares): array
    {
        $reasons = [];
        $trained = array_map(static fn(Item $item): Demand => $item->rung->demand, array_merge(...array_map(static fn(Session $session): array => $session->items(), array_values($sessions))));
        foreach ($this->problem->offers as $offer) {
            $inputs = [];
            $sets = 0;
            foreach ($this->wish->slots as $slot) {
                foreach (isset($sessions[$slot->id]) ? $sessions[$slot->id]->items() : [] as $item) {
                    if ($item->rung->ladder === $offer->ladder()) {
                        $inputs[$slot->inWords()] = DoseLine::print($item->dose).', '.Totals::clock($totals[$slot->id][$item->id]->total());
                        $sets += $item->dose->sets();
                    }
                }
            }
            $demand = $offer->demand();
            $have = self::percent($shares->perMille($demand));
            $reasons[$offer->ladder()] = Reason::because(
                Rule::ProgramSets,
                "“{$offer->rung->name}”: ".match (true) {
                    $sets > 0 => $sets === 1 ? '1 set.' : "{$sets} sets.",
                    in_array($demand, $trained, true) => 'no sets this week, other work of its demand has them.',
                    $this->wish->beside->meets($demand) > 0 => 'no sets this week, what the squad does is of its demand.',
                    default => 'no sets this week, and no other work of its demand.',
                }
                .' '.ucfirst($demand->shortName())." gets {$have} of the work".($this->wish->beside->sessions > 0 ? ', the squad’s counted in' : '').'; the aim asks for '.self::percent($this->wish->targets->perMille($demand)).'.',
                $inputs,
                'More minutes, other target shares, or sets fixed by hand.',
            );
        }

        return $reasons;
    }

    /** @return list<Reason> */
    public function notes(SetPlan $plan, WeekKind $kind): array
    {
        $notes = [];
        if ($kind === WeekKind::Easier) {
            $notes[] = Reason::because(Rule::ProgramEasier, 'An easier week: about '.(100 - WeekKind::EASIER_PER_CENT).' % less work, no new rung and no higher dose.', ['every' => WeekKind::EASIER_EVERY.' weeks'], 'A week away just before or after.');
        }
        $filled = $this->problem->filledPerCent($plan);
        if ($kind === WeekKind::Build && $this->problem->offers !== [] && $filled < Generator::FILLED_PER_CENT) {
            $notes[] = Reason::because(
                Rule::ProgramSets,
                "The sessions fill {$filled} % of their minutes: the doses are small, and more sets are more than an exercise takes or lead away from the aim.",
                ['minutes' => implode(', ', array_map(Totals::clock(...), $this->problem->seconds))],
                'Another ladder placed on the board, sets fixed by hand, or shorter sessions.',
            );
        }
        foreach ($plan->short as $name => $missing) {
            $demand = Demand::from($name);
            $minimum = $this->problem->minimum[$name];
            $offered = array_filter($this->problem->offers, static fn(Candidate $offer): bool => $offer->demand() === $demand) !== [];
            if (! $offered) {
                continue;
            }
            $isMet = $missing < $minimum || $this->wish->beside->meets($demand) > 0;
            $notes[] = Reason::because(
                Rule::ProgramMinimum,
                ucfirst($demand->shortName()).(! $isMet ? ' is not met this week' : ' is met once this week, not twice').': the minutes do not hold more.',
                ['minutes' => implode(', ', array_map(Totals::clock(...), $this->problem->seconds))],
                $this->wouldDo(),
            );
        }

        return $notes;
    }

    /** The fewest minutes more in each session with which every minimum is met. */
    private function wouldDo(): string
    {
        for ($more = 1; $more <= self::MORE_MINUTES; $more++) {
            $longer = $this->problem->within(...array_map(static fn(int $seconds): int => $seconds + 60 * $more, $this->problem->seconds));
            if (array_filter(SetSearch::solve($longer, $this->wish->seed, null, 1)->short, static fn(int $missing, string $demand): bool => array_filter($longer->offers, static fn(Candidate $offer): bool => $offer->demand()->value === $demand) !== [], ARRAY_FILTER_USE_BOTH) === []) {
                return "About {$more} ".($more === 1 ? 'minute' : 'minutes').' more in each session, or another session in the week.';
            }
        }

        return 'Another session in the week, or fewer sets fixed by hand.';
    }

    private static function percent(int $perMille): string
    {
        return intdiv($perMille, 10).'.'.($perMille % 10).' %';
    }
}
