<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Level;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;

/** Why a week of a program is as it is: what leads, the sets of each ladder, and what it does not come to. */
final readonly class WeekReasons
{
    /** Minutes a session that are tried when looking for what would make a minimum possible. */
    private const MORE_MINUTES = 30;

    public function __construct(private ProgramRequest $wish, private Level $level) {}

    /**
     * What should lead in a week, and that it does not where the rungs and the aim do not give it.
     *
     * @param array<string, Session> $sessions
     */
    public function phase(Phase $phase, array $sessions): ?Reason
    {
        $there = $all = 0;
        foreach ($sessions as $session) {
            $totals = $session->timeline()->totalsByItem();
            foreach ($session->items() as $item) {
                $all += $totals[$item->id]->work;
                $there += $phase->has($item->rung, $item->dose) ? $totals[$item->id]->work : 0;
            }
        }
        if ($all === 0) {
            return null;
        }
        $perMille = intdiv(2000 * $there + $all, 2 * $all);
        $isReached = $perMille >= $phase->leastPerMille();
        $why = match (true) {
            $isReached => '',
            $there === 0 => ' No rung here is.',
            default => ' More of it would be farther from the aim.',
        };

        return Reason::because(
            Rule::ProgramPhase,
            ucfirst($phase->inWords()).' work should lead: at least '.($phase === Phase::Standing ? 'a third' : 'half').' of it, '.intdiv($perMille + 5, 10).' % here.'.$why,
            ['level of the person' => $this->level->value, 'phases' => 'still, then moving, then standing'],
            $isReached ? 'A later week, or climbs before it.' : 'Rungs placed or fixed that are '.$phase->inWords().'.',
        );
    }

    /**
     * @param array<string, Session>               $sessions by slot
     * @param array<string, array<string, Totals>> $totals   by slot and exercise
     *
     * @return array<string, Reason> by ladder
     */
    public function sets(SetProblem $problem, array $sessions, array $totals, WorkShares $shares): array
    {
        $reasons = [];
        foreach ($problem->offers as $offer) {
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
                ($sets === 0 ? "“{$offer->rung->name}”: no sets this week, its demand is covered by other work." : "“{$offer->rung->name}”: {$sets} ".($sets === 1 ? 'set' : 'sets').'.')
                    .' '.ucfirst($demand->shortName())." gets {$have} of the work; the aim asks for ".self::percent($this->wish->targets->perMille($demand)).'.',
                $inputs,
                'More minutes, other target shares, or sets fixed by hand.',
            );
        }

        return $reasons;
    }

    /** @return list<Reason> */
    public function notes(SetProblem $problem, SetPlan $plan, WeekKind $kind): array
    {
        $notes = [];
        if ($kind === WeekKind::Easier) {
            $notes[] = Reason::because(Rule::ProgramEasier, 'An easier week: about '.(100 - WeekKind::EASIER_PER_CENT).' % less work, no new rung and no higher dose.', ['every' => WeekKind::EASIER_EVERY.' weeks'], 'A week away just before or after.');
        }
        foreach ($plan->short as $name => $missing) {
            $demand = Demand::from($name);
            $minimum = $problem->minimum[$name];
            $offered = array_filter($problem->offers, static fn(Candidate $offer): bool => $offer->demand() === $demand) !== [];
            if (! $offered) {
                continue;
            }
            $notes[] = Reason::because(
                Rule::ProgramMinimum,
                ucfirst($demand->shortName()).' is met '.($minimum - $missing).' of '.$minimum.' times this week: the minutes do not hold more.',
                ['minutes' => implode(', ', array_map(Totals::clock(...), $problem->seconds))],
                $this->wouldDo($problem),
            );
        }

        return $notes;
    }

    /** The fewest minutes more in each session with which every minimum is met. */
    private function wouldDo(SetProblem $problem): string
    {
        for ($more = 1; $more <= self::MORE_MINUTES; $more++) {
            $longer = $problem->within(...array_map(static fn(int $seconds): int => $seconds + 60 * $more, $problem->seconds));
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
