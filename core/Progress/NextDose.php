<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Reps;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\HoldStrategy;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * The dose of the next session on a rung, from the last one: it rises before the rung changes, one thing at a time
 * (common practice), and only after a clean session. The load rises by the two-for-two rule.
 */
final readonly class NextDose
{
    private const MOST_SHORT_HOLDS = 6;

    private const CAPPED_SECONDS = 30;

    private const LONG_SECONDS = 120;

    private const MOST_METRES = 40;

    private const MOST_SETS = 4;

    private function __construct(public Dose $dose, public bool $rises, public Reason $reason) {}

    /**
     * Null when the rung has not been logged yet.
     *
     * @param list<RungSession> $log     in any order, of any rung
     * @param bool              $climbs  a climb is proposed: then the dose stays, one change at a time
     * @param list<int>|null    $owned   grams of the weights there are; null when nobody has said
     * @param int               $highestEffort of 10 that still lets the dose rise
     */
    public static function after(Rung $rung, array $log, Method $method, bool $climbs = false, ?array $owned = null, int $highestEffort = 7): ?self
    {
        $here = array_values(array_filter($log, static fn(RungSession $session): bool => $session->rung->slug === $rung->slug));
        usort($here, static fn(RungSession $a, RungSession $b): int => [$a->date->iso(), $a->sequence] <=> [$b->date->iso(), $b->sequence]);
        $last = $here[count($here) - 1] ?? null;
        if ($last === null) {
            return null;
        }
        $said = ['last time' => DoseLine::print($last->dose).' on '.$last->date->inWords()];
        $stays = self::whyStay($last, $climbs, $highestEffort);
        if ($stays !== null) {
            return new self($last->dose, false, Reason::because(Rule::NextDose, "{$rung->name}: the same dose again, {$stays}.", $said, "A clean session at the target, pain at most 2, effort at most {$highestEffort}."));
        }
        $load = self::load($rung, $last, $here[count($here) - 2] ?? null, $owned, $said);
        if ($load !== null) {
            return $load;
        }
        [$dose, $what] = self::step($rung, $last->dose, $method) ?? [$last->dose, null];
        if ($what === null) {
            return new self($last->dose, false, Reason::because(Rule::NextDose, "{$rung->name}: the same dose again; it is at the top of what the rung asks for, and the next step is the next rung.", $said, 'A climb.'));
        }

        return new self($dose, true, Reason::because(
            Rule::NextDose,
            "{$rung->name}: {$what} after a clean ".DoseLine::print($last->dose).'.',
            [...$said, 'next' => DoseLine::print($dose)],
            "A fault, pain above 2 or effort above {$highestEffort} keeps the dose.",
        ));
    }

    private static function whyStay(RungSession $last, bool $climbs, int $highestEffort): ?string
    {
        return match (true) {
            $climbs => 'since a climb is proposed: one change at a time',
            ($last->pain() ?? 0) > 2 => "since the pain was {$last->pain()} of 10",
            ($last->effort() ?? 0) > $highestEffort => "since the effort was {$last->effort()} of 10",
            ! $last->everyTick() => 'since not every tick was yes',
            ! self::reachedTarget($last) => 'since the target was not reached in every set',
            default => null,
        };
    }

    /** Missing is not reached. */
    private static function reachedTarget(RungSession $last): bool
    {
        foreach ($last->sets as $index => $set) {
            $least = $set->least();
            if ($least === null || $least < $last->dose->body(min($index + 1, $last->dose->sets()))->target()) {
                return false;
            }
        }

        return count($last->sets) >= $last->dose->sets();
    }

    /**
     * Two repetitions over the target in the last set, at two sessions running: 2–10 % more. Where the next weight
     * owned is more than 10 % up, repetitions rise instead.
     *
     * @param list<int>|null        $owned
     * @param array<string, string> $said
     */
    private static function load(Rung $rung, RungSession $last, ?RungSession $before, ?array $owned, array $said): ?self
    {
        $grams = $last->dose->loadGrams;
        if ($grams === null || $before === null || self::over($last) < 2 || self::over($before) < 2 || $before->dose->loadGrams !== $grams) {
            return null;
        }
        [$low, $high] = [intdiv($grams * 102, 100), intdiv($grams * 110, 100)];
        $kg = DoseLine::kilograms(...);
        $said = [...$said, 'over the target in the last set' => self::over($before).', then '.self::over($last).' repetitions', 'next load' => "{$kg($low)}–{$kg($high)} kg"];
        $heavier = array_filter($owned ?? [], static fn(int $weight): bool => $weight > $grams);
        $next = $owned === null ? $low : ($heavier === [] ? null : min($heavier));
        if ($next !== null && $next <= $high) {
            $next = max($next, $low);
            $rounded = $owned === null ? intdiv($next + 499, 500) * 500 : $next;
            $next = $rounded <= $high ? $rounded : $next;

            return new self($last->dose->withLoad($next), true, Reason::because(Rule::NextLoad, "{$rung->name}: {$kg($next)} kg next, {$kg($low)} to {$kg($high)} kg would be right.", $said, 'One repetition over the target, or only one such session, keeps the load.'));
        }
        $body = $last->dose->first();
        if (! $body instanceof Reps) {
            return null;
        }
        $dose = $last->dose->withBody(Reps::of($body->count + 2));
        $why = $next === null ? 'no heavier weight is at hand' : "the next weight at hand, {$kg($next)} kg, is ".self::percentUp($grams, $next).' % up';

        return new self($dose, true, Reason::because(Rule::NextLoad, "{$rung->name}: keep {$kg($grams)} kg and do two repetitions more, since {$why}.", $said, 'A weight in between, or a slower tempo.'));
    }

    private static function percentUp(int $grams, int $next): string
    {
        $perMille = intdiv(2000 * ($next - $grams) + $grams, 2 * $grams);

        return intdiv($perMille, 10).'.'.($perMille % 10);
    }

    private static function over(RungSession $session): int
    {
        $last = $session->sets[count($session->sets) - 1] ?? null;

        return $last?->least() === null ? 0 : $last->least() - $session->dose->body($session->dose->sets())->target();
    }

    /**
     * One step more within the rung, weights left alone; null at the top of what the rung asks for.
     *
     * @return array{Dose, string}|null the dose after the step, and the step in words
     */
    public static function step(Rung $rung, Dose $dose, Method $method): ?array
    {
        $body = $dose->first();
        if ($dose->isFalling()) {
            return null;
        }

        return match (true) {
            $body instanceof Holds && $rung->doseKind === DoseKind::SideHold => self::longer($dose, $body, 5, self::CAPPED_SECONDS),
            $body instanceof Holds && ($body->count > 1 || $method->holdStrategy() === HoldStrategy::ShortRepeated) => $body->count < self::MOST_SHORT_HOLDS && $body->count > 1
                ? [$dose->withBody(Holds::of($body->count + 1, $body->seconds, $body->gapSeconds)), 'one more short hold'] : null,
            $body instanceof Holds && $method->holdStrategy() === HoldStrategy::Capped => self::longer($dose, $body, 5, self::CAPPED_SECONDS),
            $body instanceof Holds => self::longer($dose, $body, 10, self::LONG_SECONDS),
            $body instanceof AccumulatedHold => $body->boutSeconds + 10 <= $body->totalSeconds
                ? [$dose->withBody(AccumulatedHold::of($body->totalSeconds, $body->boutSeconds + 10, $body->gapSeconds)), 'the same total in longer bouts'] : null,
            $body instanceof Reps => self::moreReps($rung, $dose, $body),
            $body instanceof Carry => match (true) {
                $body->metres < self::MOST_METRES => [$dose->withBody(Carry::of(min(self::MOST_METRES, $body->metres + 10))), '10 m more'],
                $dose->sets() < self::MOST_SETS => [$dose->withSets($dose->sets() + 1), 'one more set'],
                default => null,
            },
            default => null,
        };
    }

    /** @return array{Dose, string}|null */
    private static function longer(Dose $dose, Holds $body, int $step, int $cap): ?array
    {
        $seconds = min($cap, $body->seconds + $step);

        return $body->seconds >= $cap ? null : [$dose->withBody(Holds::of($body->count, $seconds, $body->gapSeconds)), ($seconds - $body->seconds).' s longer'];
    }

    /** @return array{Dose, string}|null */
    private static function moreReps(Rung $rung, Dose $dose, Reps $body): ?array
    {
        $high = $rung->band->high ?? $body->count;
        if ($body->count < $high) {
            $count = min($high, $body->count + 2);
            $more = $count - $body->count;

            return [$dose->withBody(Reps::of($count)), $more === 1 ? 'one more repetition' : 'two more repetitions'];
        }

        return $dose->sets() < self::MOST_SETS && $rung->band !== null ? [$dose->withBody(Reps::of($rung->band->low))->withSets($dose->sets() + 1), 'one more set, from the low end of the band'] : null;
    }
}
