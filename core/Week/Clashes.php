<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Totals;

/** Everything in a week that clashes or is missing, most serious first. */
final readonly class Clashes
{
    /** Six hours from start to start (common practice). */
    private const BEFORE_HEAVY_MINUTES = 360;

    /** Hard sessions lie so far apart, from start to start (published for resistance work). */
    private const RECOVERY_MINUTES = 48 * 60;

    /** Daily practice up to this effort may come before sport (our own choice). */
    private const LOW_EFFORT = 4;

    private function __construct(private CoreWeek $week) {}

    /** @return list<Clash> */
    public static function in(CoreWeek $week): array
    {
        $here = new self($week);

        return [
            ...$here->overLimits(),
            ...$here->atOneTime(),
            ...$here->beforeHeavyLifting(),
            ...$here->tooClose(),
            ...$here->threeDaysRunning(),
            ...$here->beforeSport(),
            ...$here->primersThatAreNone(),
            ...$here->leaningOnNothing(),
            ...$here->notMet(),
        ];
    }

    /** @return list<Reason> what would be said of another week, and is not of this one: it is what its shape is */
    public static function silenced(CoreWeek $week): array
    {
        $reasons = [];
        $open = array_filter(Demand::everyWeek(), static fn(Demand $demand): bool => $week->timesMet($demand) < $week->minimum());
        if ($week->shape?->leavesDemandsOpen() === true && $week->slots !== [] && $open !== []) {
            $names = implode(', ', array_map(static fn(Demand $demand): string => $demand->shortName(), $open));
            $reasons[] = Reason::because(Rule::WeekShape, 'Not met this week: '.$names.'. That is what “'.$week->shape->label().'” is: they come later.', ['shape' => $week->shape->label()], 'Letting go of the shape.');
        }
        $practice = array_filter($week->slots, static fn(CoreSlot $slot): bool => $slot->effort >= CoreSlot::HARD && $slot->isShortPractice());
        foreach (array_column(array_map(static fn(CoreSlot $slot): array => [$slot->content->title, $slot], $practice), 1, 0) as $title => $slot) {
            $reasons[] = Reason::because(Rule::WeekShape, "“{$title}” is planned at effort {$slot->effort}; daily practice of ".Totals::clock($slot->content->seconds).' is no hard work.', ['length' => Totals::clock($slot->content->seconds)], 'More than eight minutes, or another placement.');
        }

        return $reasons;
    }

    /** @return list<Clash> */
    private function overLimits(): array
    {
        $clashes = [];
        foreach ($this->week->limits as $limit) {
            if ($limit->highestEffort === null) {
                continue;
            }
            foreach ($this->week->slots as $slot) {
                if ($slot->effort > $limit->highestEffort) {
                    $clashes[] = new Clash(Reason::because(
                        Rule::WeekEffort,
                        "{$this->sentence($slot)} is planned at effort {$slot->effort}; {$limit->name} allows at most {$limit->highestEffort}.",
                        ['limit' => $limit->name, 'planned effort' => "{$slot->effort} of 10"],
                        'A lower effort.',
                    ), [$slot->id]);
                }
            }
        }
        $ids = array_map(static fn(CoreSlot $slot): string => $slot->id, $this->week->slots);

        return [...$clashes, ...array_map(
            static fn(Reason $reason): Clash => new Clash($reason, $ids),
            TrainingDays::against(array_values(array_filter($this->week->limits, static fn(Limit $limit): bool => $limit->mostDays !== null)), $this->week->coreDays()),
        )];
    }

    /** @return list<Clash> */
    private function atOneTime(): array
    {
        $clashes = [];
        foreach ($this->pairs() as [$a, $b]) {
            // A primer before and a finisher after the same training are two ends of it.
            $bothEnds = $a->placement !== $b->placement && $a->placement->leansOnTraining() && $b->placement->leansOnTraining();
            if (self::overlap($a, $b) && ! $bothEnds) {
                $clashes[] = new Clash(Reason::because(Rule::WeekSameTime, "“{$a->content->title}” and “{$b->content->title}” both stand on {$a->cell->inWords()}.", [], 'Another part of the day, or another day.'), [$a->id, $b->id]);
            }
        }

        return $clashes;
    }

    /** In the same part of a day; with clock times, before the earlier one is over. */
    private static function overlap(CoreSlot $a, CoreSlot $b): bool
    {
        $apart = $a->cell->minutesTo($b->cell);

        return $apart === null ? $a->cell->is($b->cell) : 60 * abs($apart) < ($apart >= 0 ? $a : $b)->content->seconds || $apart === 0;
    }

    /** @return list<Clash> */
    private function beforeHeavyLifting(): array
    {
        $clashes = [];
        foreach ($this->week->slots as $slot) {
            foreach ($slot->isPrimer() ? [] : $this->week->other as $other) {
                $parts = $other->cell->index() - $slot->cell->index();
                $minutes = $slot->cell->minutesTo($other->cell);
                $same = $minutes === null && $parts === 0 && $slot->placement !== SessionRole::Finisher;
                $before = $minutes === null ? $parts === 1 && $other->cell->day === $slot->cell->day : $minutes >= 0 && $minutes <= self::BEFORE_HEAVY_MINUTES;
                if (! $other->isHeavyLifting() || ! $same && ! $before) {
                    continue;
                }
                $clashes[] = new Clash(Reason::because(
                    Rule::WeekBeforeHeavy,
                    ($same
                        ? "{$this->sentence($slot)} stands beside heavy lifting and may come before it: a tired trunk does not belong under a heavy load."
                        : "{$this->sentence($slot)} comes within six hours before heavy lifting: a tired trunk does not belong under a heavy load.").self::noPrimer($slot),
                    ['core' => $slot->cell->inWords(), 'heavy lifting' => $other->cell->inWords(), 'heavy is' => '80 % of the best single and above, or six repetitions and fewer'],
                    'After the lifting, more than six hours before it, as a short primer, or on another day.',
                ), [$slot->id], [$other->cell]);
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function beforeSport(): array
    {
        $clashes = [];
        foreach ($this->week->slots as $slot) {
            $easy = $slot->isPrimer() || ($slot->placement === SessionRole::Daily && $slot->effort <= self::LOW_EFFORT);
            foreach ($easy ? [] : $this->week->other as $other) {
                $parts = $other->cell->index() - $slot->cell->index();
                $minutes = $slot->cell->minutesTo($other->cell);
                $before = $minutes === null ? $parts > 0 || ($parts === 0 && $slot->placement !== SessionRole::Finisher) : $minutes >= 0;
                if ($other->isEnduranceOrSport() && $other->cell->day === $slot->cell->day && $before) {
                    $clashes[] = new Clash(Reason::because(
                        Rule::WeekBeforeSport,
                        "{$this->sentence($slot)} comes before {$other->inWords()} that day; core work comes last.",
                        ['core' => $slot->cell->inWords(), $other->kind->label() => $other->cell->inWords()],
                        'After it, as a short primer, or on another day.',
                    ), [$slot->id], [$other->cell]);
                }
            }
        }

        return $clashes;
    }

    /** @return list<Clash> hard sessions, each with the next one of the week that comes too soon */
    private function tooClose(): array
    {
        $hard = array_values(array_filter($this->week->slots, static fn(CoreSlot $slot): bool => $slot->isHard()));
        $clashes = [];
        foreach ($hard as $at => $slot) {
            $next = $hard[($at + 1) % count($hard)];
            $isPairSeen = count($hard) === 2 && $at === 1;
            if ($next === $slot || $isPairSeen || ! self::isTooSoon($slot->cell, $next->cell)) {
                continue;
            }
            // Of two the one that the other comes too soon after, also over the end of the week.
            [$slot, $next] = ($next->cell->day - $slot->cell->day + 7) % 7 > 3 ? [$next, $slot] : [$slot, $next];
            $clashes[] = new Clash(Reason::because(
                Rule::WeekRecovery,
                "{$this->sentence($slot)} and {$next->inWords()} are both hard and less than two days apart.",
                ['planned effort' => "{$slot->effort} and {$next->effort} of 10", 'hard is' => CoreSlot::HARD.' of 10 and above', 'needed' => '48 hours from start to start; dates at least two apart'],
                'Two days between, or a lighter session.',
            ), [$slot->id, $next->id]);
        }

        return $clashes;
    }

    /** Less than 48 hours by the clock, over the end of the week too; without two clock times on dates less than two apart. */
    private static function isTooSoon(Cell $one, Cell $next): bool
    {
        $minutes = $one->minutesTo($next);
        $week = 7 * 1440;

        return $minutes === null ? Weekday::apart($one->day, $next->day) < 2 : min(abs($minutes), $week - abs($minutes)) < self::RECOVERY_MINUTES;
    }

    /** @return list<Clash> one for each run of hard days that has a hard core session in it */
    private function threeDaysRunning(): array
    {
        $days = $this->week->hardDays();
        $clashes = [];
        foreach ($days as $first) {
            $startsRun = count($days) === 7 ? $first === 1 : ! in_array(($first + 5) % 7 + 1, $days, true);
            $run = [$first];
            while ($startsRun && count($run) < 7 && in_array($run[count($run) - 1] % 7 + 1, $days, true)) {
                $run[] = $run[count($run) - 1] % 7 + 1;
            }
            $slots = array_values(array_filter($this->week->slots, static fn(CoreSlot $slot): bool => $slot->isHard() && in_array($slot->cell->day, $run, true)));
            if (! $startsRun || count($run) < 3 || $slots === []) {
                continue;
            }
            $clashes[] = new Clash(Reason::because(
                Rule::WeekThreeDays,
                'Hard work '.count($run).' days running: '.Weekday::names($run).'.',
                ['counted as hard' => 'core at effort '.CoreSlot::HARD.' and above; heavy lifting, endurance or sport'],
                'A lighter core session, or an easier day between.',
            ), array_map(static fn(CoreSlot $slot): string => $slot->id, $slots));
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function primersThatAreNone(): array
    {
        $clashes = [];
        foreach ($this->week->slots as $slot) {
            if ($slot->primerBreaks() !== []) {
                $clashes[] = new Clash(Reason::because(
                    Rule::WeekPrimer,
                    "{$this->sentence($slot)} is placed as a primer, and is more than one: ".implode('; ', $slot->primerBreaks()).'. It counts as the session it is.',
                    ['length' => Totals::clock($slot->content->seconds), 'planned effort' => "{$slot->effort} of 10"],
                    'Shorter, lighter, lower; or placed as a finisher or on its own.',
                ), [$slot->id]);
            }
        }

        return $clashes;
    }

    /** What a session placed as a primer breaks of its limits, as a sentence to add. */
    private static function noPrimer(CoreSlot $slot): string
    {
        return $slot->primerBreaks() === [] ? '' : ' It is no primer: '.implode('; ', $slot->primerBreaks()).'.';
    }

    /** @return list<Clash> */
    private function leaningOnNothing(): array
    {
        $clashes = [];
        foreach ($this->week->slots as $slot) {
            if ($slot->placement->leansOnTraining() && ! $this->week->hasTrainingAt($slot->cell)) {
                $word = $slot->placement === SessionRole::Primer ? 'before' : 'after';
                $clashes[] = new Clash(Reason::because(Rule::WeekLeans, "{$this->sentence($slot)} is a {$slot->placement->value}, and there is no training on {$slot->cell->inWords()} to come {$word}.", [], 'On its own, or at a part of the day with training.'), [$slot->id]);
            }
        }

        return $clashes;
    }

    /** @return list<Clash> */
    private function notMet(): array
    {
        $clashes = [];
        $minimum = $this->week->minimum();
        foreach ($this->week->slots === [] || $this->week->shape?->leavesDemandsOpen() === true ? [] : Demand::everyWeek() as $demand) {
            $times = $this->week->timesMet($demand);
            if ($times < $minimum) {
                $clashes[] = new Clash(Reason::because(
                    Rule::WeekDemand,
                    ucfirst($demand->shortName()).' is '.($times === 0 ? 'not met' : 'met '.self::times($times)).' this week; '.self::times($minimum).' is the least.',
                    [
                        'sessions, primers apart' => (string) count(array_filter($this->week->slots, static fn(CoreSlot $slot): bool => ! $slot->isPrimer())),
                        'least' => 'twice with three sessions or more, else once',
                        'met by' => 'a set at planned dose whose main demand it is, outside a primer',
                    ],
                    'One more session that has it, or an exercise for it in a session.',
                ), [], [], $demand->value);
            }
        }

        return $clashes;
    }

    private static function times(int $times): string
    {
        return [1 => 'once', 2 => 'twice'][$times] ?? "{$times} times";
    }

    private function sentence(CoreSlot $slot): string
    {
        return ucfirst($slot->inWords());
    }

    /** @return list<array{CoreSlot, CoreSlot}> */
    private function pairs(): array
    {
        $pairs = [];
        foreach ($this->week->slots as $at => $slot) {
            foreach (array_slice($this->week->slots, $at + 1) as $other) {
                $pairs[] = [$slot, $other];
            }
        }

        return $pairs;
    }
}
