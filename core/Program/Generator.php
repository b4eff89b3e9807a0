<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Level;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Item;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Timeline;
use EvenRungs\Session\Totals;
use EvenRungs\Week\SessionRole;

/** Makes a complete program from where a person stands and what is asked for: the same for the same inputs and seed. */
final class Generator
{
    /** Per cent of the work that nobody can tell; farther off, single sets are tried. */
    private const EASIER_NEAR = 3;

    /** Of the time that the week before took, an easier week may take so much: its work is what it is held to. */
    private const EASIER_ROOM_PER_CENT = 70;

    /** Of the minutes a building week has to fill; below, what should lead weighs less (our own choice). */
    public const FILLED_PER_CENT = 60;

    /** By the weeks as they were first filled, and as they stand. */
    private Carried $carried;

    private Carried $settled;

    private readonly Level $level;

    /** @var array<string, SetPlan> solved before, by the problem in words */
    private array $solved = [];

    private ?SetPlan $near = null;

    /** @var array<string, Candidate> by rung and dose */
    private array $candidates = [];

    /** Seconds under tension of the week before. */
    private int $work = 0;

    /** @var array<int, SetPlan> of the weeks that stay, by number */
    private array $kept = [];

    /** @var array<int, SetPlan> as they are, by number */
    private array $plans = [];

    /** @var array<string, int> seconds of each session in the week before, by slot */
    private array $taken = [];

    /** @var array<string, true> ladders that the week before has sets of */
    private array $trained = [];

    /** @var array<string, list<string>> ladders in the order of the method, by the rungs of a session */
    private array $orders = [];

    private function __construct(private readonly StartingPoint $standing, private readonly ProgramRequest $wish, private readonly OpeningRungs $beginnings)
    {
        $this->level = $standing->level();
        $this->carried = $this->settled = Carried::nothing();
    }

    /** @throws InvalidProgram when what the trainer has fixed contradicts itself */
    public static function program(StartingPoint $standing, ProgramRequest $wish): Program
    {
        return self::made($standing, $wish)[0];
    }

    /**
     * @param int|null $until the last week that is asked for; all of them when null
     *
     * @return array{Program, self} and what made it
     */
    private static function made(StartingPoint $standing, ProgramRequest $wish, ?int $until = null): array
    {
        $beginnings = OpeningRungs::of($standing, $wish);
        $generator = new self($standing, $wish, $beginnings);
        $against = [...LockCheck::of($standing, $wish), ...$generator->overfull()];
        if ($against !== []) {
            throw InvalidProgram::because(...$against);
        }
        // What is fixed in a week changes nothing before it, though the weeks are one sum.
        $fixed = $wish->locks->lastWeek();
        if ($fixed > 1) {
            // To the end of its building weeks, which are one sum.
            for ($end = $fixed; $end < $wish->weeks && $wish->kind($end) !== WeekKind::Easier; $end++);
            $without = self::made($standing, $wish->withLocks($wish->locks->before($fixed)), $end)[1];
            $generator->kept = array_filter($without->plans, static fn(int $number): bool => $number < $fixed, ARRAY_FILTER_USE_KEY);
            // The weeks before are the same again: nothing of them is looked for twice.
            [$generator->solved, $generator->candidates, $generator->orders] = [$without->solved, $without->candidates, $without->orders];
        }
        $weeks = $block = [];
        $number = 1;
        for ($monday = $wish->monday; $number <= ($until ?? $wish->weeks); $monday = $monday->plusDays(7)) {
            if (in_array($monday->iso(), $wish->away, true) && count($weeks) < 52) {
                $weeks[] = new ProgramWeek(0, $monday, WeekKind::Away, false, [], [], 0, [], []);

                continue;
            }
            if ($wish->kind($number) === WeekKind::Easier) {
                $weeks = $generator->settled($weeks, $block);
                $block = [];
                $weeks[] = $generator->easierWeek($number++, $monday);

                continue;
            }
            // Its place is kept until the building weeks up to the next easier one are looked at together.
            $block[count($weeks)] = $generator->building($number++, $monday);
            $weeks[] = null;
        }
        $weeks = $generator->settled($weeks, $block);

        return [new Program(array_values(array_filter($weeks)), array_merge(...array_map(static fn(LadderPath $path): array => $path->gates(), $beginnings->all())), array_values(array_filter([...$beginnings->notes, OrderSchool::instead($standing->circumstances), $wish->beside->reason()]))), $generator];
    }

    /** @return array{int, Day, SetProblem, SetPlan} a building week by itself */
    private function building(int $number, Day $monday): array
    {
        $problem = $this->problem($number, WeekKind::Build);
        $plan = $this->solve($problem);
        if ($problem->filledPerCent($plan) < self::FILLED_PER_CENT) {
            // What should lead is no reason to send somebody home early.
            $freer = $problem->leadingLess();
            $other = $this->solve($freer);
            [$problem, $plan] = $freer->filledPerCent($other) > $problem->filledPerCent($plan) ? [$freer, $other] : [$problem, $plan];
        }
        $this->near = $plan;
        $this->carried = $this->carried->after($problem, $plan);
        $this->notTrained($number, $plan);

        return [$number, $monday, $problem, $plan];
    }

    /**
     * Building weeks as one sum, each in its place.
     *
     * @param array<int, ProgramWeek|null>                     $weeks
     * @param array<int, array{int, Day, SetProblem, SetPlan}> $block by place
     *
     * @return array<int, ProgramWeek|null>
     */
    private function settled(array $weeks, array $block): array
    {
        $problems = array_map(static fn(array $week): SetProblem => $week[2], array_values($block));
        $stays = array_map(fn(array $week): ?SetPlan => $this->kept[$week[0]] ?? null, array_values($block));
        $plans = array_map(static fn(array $week, ?SetPlan $stays): SetPlan => $stays ?? $week[3], array_values($block), $stays);
        $plans = Refined::plans($problems, $plans, $this->settled, $this->wish->seed, array_keys(array_filter($stays)));
        $again = Recurring::plans($problems, $plans, $this->settled, array_keys(array_filter($stays)));
        foreach (array_keys($block) as $at => $place) {
            [$number, $monday, $problem] = $block[$place];
            $this->notTrained($number, $again[$at], $block[$place][3]);
            $this->settled = $this->settled->after($problem, $again[$at]);
            $this->plans[$number] = $again[$at];
            $weeks[$place] = $this->week($number, $monday, WeekKind::Build, $problem, $again[$at], $this->sessions($problem, $again[$at]));
        }
        $this->carried = $this->settled;

        return $weeks;
    }

    private function easierWeek(int $number, Day $monday): ProgramWeek
    {
        [$problem, $plan, $sessions] = $this->easierSets($number);
        $this->notTrained($number, $plan);

        return $this->week($number, $monday, WeekKind::Easier, $problem, $plan, $sessions);
    }

    /** @return array<string, LadderPath> of a week, by ladder */
    private function paths(int $number): array
    {
        return $this->beginnings->paths($this->wish->phase($this->level, $number));
    }

    /**
     * A week without a set of a ladder does not bring it forward.
     *
     * @param SetPlan|null $before the week as it was when this was told of it
     */
    private function notTrained(int $number, SetPlan $plan, ?SetPlan $before = null): void
    {
        $paths = $this->paths($number);
        $at = array_flip(array_keys($paths));
        foreach ($this->beginnings->all() as $path) {
            $here = array_search($path, $paths, true);
            if ($here === false ? $before === null : ! $plan->has($at[$here]) && ($before?->has($at[$here]) ?? true)) {
                $path->notTrained();
            }
        }
    }

    /** @param array<string, Session> $sessions by slot */
    private function week(int $number, Day $monday, WeekKind $kind, SetProblem $problem, SetPlan $plan, array $sessions): ProgramWeek
    {
        $this->near = $plan;
        // Laid out in time once: what follows asks for it again and again.
        $timelines = array_map(static fn(Session $session): Timeline => $session->timeline(), $sessions);
        $this->asBefore($timelines);
        $totals = array_map(static fn(Timeline $timeline): array => $timeline->totalsByItem(), $timelines);
        $work = $this->wish->beside->work;
        foreach ($sessions as $slot => $session) {
            foreach ($session->items() as $item) {
                $work[] = [$item->rung->demand, $item->rung->secondary, $totals[$slot][$item->id]->work];
            }
        }
        $shares = WorkShares::ofWork($work);
        $phase = $this->wish->phase($this->level, $number);
        $why = new WeekReasons($this->wish, $problem);

        return new ProgramWeek(
            $number,
            $monday,
            $kind,
            $this->wish->retests($number),
            $this->cells($number, $sessions),
            $sessions,
            $shares->agreementPerMille($this->wish->targets),
            $why->sets($sessions, $totals, $shares),
            $why->notes($plan, $kind),
            $this->wish->slots,
            $phase->leading($sessions, $this->level->value),
            $this->wish->done + $number,
            $phase,
        );
    }

    /**
     * What stands beside the working rungs is only told where a week takes it, or something is fixed on it.
     *
     * @param array<string, Session> $sessions by slot
     *
     * @return array<string, ProgramCell> by ladder
     */
    private function cells(int $number, array $sessions): array
    {
        $told = [];
        foreach ($sessions as $session) {
            $told += array_flip(array_map(static fn(Item $item): string => $item->rung->ladder, $session->items()));
        }
        foreach ([...$this->wish->locks->rungs, ...$this->wish->locks->doses, ...$this->wish->locks->sets] as $fixed) {
            $told += $fixed;
        }
        $paths = array_filter($this->paths($number), fn(string $ladder): bool => ! $this->beginnings->isBeside($ladder) || isset($told[$ladder]), ARRAY_FILTER_USE_KEY);

        return array_map(static fn(LadderPath $path): ProgramCell => $path->cell($number), $paths);
    }

    /**
     * The sets of an easier week: it takes away from the week before what comes nearest to the share of the work it should
     * have. Whole doses first; where they are too coarse, single sets.
     *
     * @return array{SetProblem, SetPlan, array<string, Session>}
     */
    private function easierSets(int $number): array
    {
        if ($this->work === 0) {
            $this->ordinary($number);
        }
        $tries = [];
        foreach ([false, true] as $single) {
            $problem = $this->problem($number, WeekKind::Easier, $single);
            $plan = $this->solve($problem, true);
            $sessions = $this->sessions($problem, $plan);
            $off = abs(100 * self::workOf(array_map(static fn(Session $session): Timeline => $session->timeline(), $sessions)) - WeekKind::EASIER_PER_CENT * $this->work);
            $tries[$off] ??= [$problem, $plan, $sessions];
            if ($off <= self::EASIER_NEAR * $this->work) {
                break;
            }
        }

        return $tries[min(array_keys($tries))];
    }

    /** Where the first week asked for is an easier one, the week before it is not known here: an ordinary one stands for it. */
    private function ordinary(int $number): void
    {
        $problem = $this->problem($number, WeekKind::Build);
        $this->near = $this->solve($problem);
        $this->asBefore(array_map(static fn(Session $session): Timeline => $session->timeline(), $this->sessions($problem, $this->near)));
    }

    /** @param array<string, Timeline> $timelines of the week that the next one is held against */
    private function asBefore(array $timelines): void
    {
        $this->work = self::workOf($timelines);
        $this->taken = array_map(static fn(Timeline $timeline): int => $timeline->totals()->total(), $timelines);
        $this->trained = [];
        foreach ($timelines as $timeline) {
            // An exercise of a program is named by its ladder.
            $this->trained += array_fill_keys(array_keys($timeline->totalsByItem()), true);
        }
    }

    /** @param array<string, Timeline> $timelines */
    private static function workOf(array $timelines): int
    {
        return array_sum(array_map(static fn(Timeline $timeline): int => $timeline->totals()->work, $timelines));
    }

    private function problem(int $number, WeekKind $kind, bool $single = false): SetProblem
    {
        $offers = $at = [];
        foreach ($this->paths($number) as $ladder => $path) {
            $at[$ladder] = count($offers);
            $offers[] = $this->candidate($path->cell($number), $single, $kind);
        }
        $seconds = $fixed = [];
        foreach ($this->wish->slots as $index => $slot) {
            // An easier week is held to what the week before took, not to the minutes there would be.
            $seconds[] = $kind === WeekKind::Easier ? intdiv(($this->taken[$slot->id] ?? 60 * $slot->minutes) * self::EASIER_ROOM_PER_CENT, 100) : 60 * $slot->minutes;
            // It only takes away: what the week before had not got has no place in it.
            $fixed[$index] = $kind === WeekKind::Easier ? array_fill_keys(array_values(array_diff_key($at, $this->trained)), 0) : [];
            foreach ($this->wish->locks->sets[$slot->id] ?? [] as $ladder => $sets) {
                if (isset($at[$ladder])) {
                    $fixed[$index][$at[$ladder]] = $kind === WeekKind::Easier ? intdiv($sets * WeekKind::EASIER_PER_CENT + 99, 100) : $sets;
                }
            }
        }
        // With three sessions or more each core demand twice; in an easier week once is enough.
        $main = count(array_filter($this->wish->slots, static fn(ProgramSlot $slot): bool => $slot->placement !== SessionRole::Primer));
        $often = $main + $this->wish->beside->sessions >= 3 && $kind !== WeekKind::Easier ? 2 : 1;
        $minimum = [];
        foreach (Demand::everyWeek() as $demand) {
            $minimum[$demand->value] = min(count($this->wish->slots), max(0, $often - $this->wish->beside->meets($demand)));
        }

        return new SetProblem($offers, $seconds, $this->wish->targets, $minimum, $fixed, $kind === WeekKind::Easier ? null : $this->carried, $this->wish->phase($this->level, $number), $this->wish->kinds, $kind === WeekKind::Easier ? intdiv($this->work * WeekKind::EASIER_PER_CENT, 100) : null, beside: $this->wish->beside->halfSeconds());
    }

    private function candidate(ProgramCell $cell, bool $single, WeekKind $kind): Candidate
    {
        $key = "{$cell->rung->slug} ".DoseLine::print($cell->dose).($single ? ' single' : '').($cell->isMost ? ' most' : '')." {$kind->value}";

        return $this->candidates[$key] ??= Candidate::of($cell->rung, $cell->dose, $single, $cell->isMost, $kind === WeekKind::Easier ? 0 : $this->countingSets($cell));
    }

    /** Who is at the mark trains what counts there. */
    private function countingSets(ProgramCell $cell): int
    {
        return LeavingMark::of($cell->rung, $this->standing->circumstances->method, $cell->dose)->setsFor($cell->rung, $cell->dose) ?? 0;
    }

    /** An easier week only takes away from the week before: it is not looked for anew. */
    private function solve(SetProblem $problem, bool $easier = false): SetPlan
    {
        $key = json_encode([array_map(static fn(Candidate $offer): string => $offer->rung->slug.' '.DoseLine::print($offer->dose)." {$offer->leastSets} {$offer->mostSets}", $problem->offers), $problem->seconds, $problem->minimum, $problem->fixed, $problem->goal, $problem->phase, $problem->wishes], JSON_THROW_ON_ERROR);

        return $this->solved[$key] ??= SetSearch::solve($problem, $this->wish->seed, $this->near, $easier ? 1 : SetSearch::STARTS);
    }

    /** @return array<string, Session> by slot, each in the order of the method */
    private function sessions(SetProblem $problem, SetPlan $plan): array
    {
        $sessions = [];
        foreach ($this->wish->slots as $index => $slot) {
            $blocks = [];
            foreach ($plan->session($index) as $offer => $sets) {
                $here = $problem->offers[$offer];
                $blocks[$here->ladder()] = new StraightSets(new Item($here->ladder(), $here->rung, $here->dose($sets), $this->standing->firstSide[$here->ladder()] ?? Side::Left));
            }
            if ($blocks !== []) {
                $sessions[$slot->id] = $this->ordered($blocks);
            }
        }

        return $sessions;
    }

    /** @param non-empty-array<string, StraightSets> $blocks by ladder */
    private function ordered(array $blocks): Session
    {
        $key = implode(' ', array_map(static fn(StraightSets $block): string => $block->item->rung->slug, $blocks));
        $order = $this->orders[$key] ??= array_map(
            static fn(Item $item): string => $item->id,
            OrderSchool::for($this->standing->circumstances)->write(new Session(array_values($blocks)), $this->heights())->items(),
        );

        return new Session(array_map(static fn(string $ladder): StraightSets => $blocks[$ladder], $order));
    }

    /** @return array<string, Height> by demand, where the person stands */
    private function heights(): array
    {
        $heights = [];
        foreach ($this->standing->working as $rung) {
            $here = $heights[$rung->demand->value] ?? null;
            $heights[$rung->demand->value] = $here === null || $rung->height->above($here) > 0 ? $rung->height : $here;
        }

        return $heights;
    }

    /** @return list<string> sessions in which more is fixed than there are minutes */
    private function overfull(): array
    {
        $against = [];
        $problem = $this->problem(1, WeekKind::Build);
        foreach ($problem->fixed as $index => $fixed) {
            $taken = 0;
            foreach ($fixed as $offer => $sets) {
                $taken += $problem->time($offer, $sets);
            }
            if ($taken > $problem->room($index)) {
                $against[] = "What is fixed for {$this->wish->slots[$index]->inWords()} takes about ".Totals::clock($taken).', and there are '.$this->wish->slots[$index]->minutes.' minutes.';
            }
        }

        return $against;
    }
}
