<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Reps;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** More weight or a stronger band for the next session, by the two-for-two rule; where that is too far up, what comes in its place. */
final readonly class Resistance
{
    /** Repetitions above the band that are allowed while the next weight is too far up. */
    private const ABOVE_BAND = 4;

    private function __construct(public Dose $dose, public bool $rises, public Reason $reason) {}

    /**
     * Null where it is not due.
     *
     * @param RungSession|null $before the session before the last one on the rung
     * @param list<int>|null   $owned  grams of the weights there are; null when nobody has said
     */
    public static function due(Rung $rung, RungSession $last, ?RungSession $before, ?array $owned): ?self
    {
        return self::load($rung, $last, $before, $owned) ?? self::pull($rung, $last, $before);
    }

    /**
     * Two repetitions over the target in the last set, at two sessions running: 2–10 % more, from the low end of the
     * band. Where the next weight owned is more than 10 % up, repetitions rise instead, up to four above the band; clean
     * there twice, that weight is taken if it is at most 20 % up.
     *
     * @param list<int>|null $owned
     */
    private static function load(Rung $rung, RungSession $last, ?RungSession $before, ?array $owned): ?self
    {
        $grams = $last->dose->loadGrams;
        $body = $last->dose->first();
        if ($grams === null || ! $body instanceof Reps || $before === null || $before->dose->loadGrams !== $grams) {
            return null;
        }
        $most = ($rung->band->high ?? $body->count) + self::ABOVE_BAND;
        $isFull = $body->count >= $most && $before->dose->first()->target() >= $most && $before->isClean();
        if (! $isFull && (self::over($last) < 2 || self::over($before) < 2)) {
            return null;
        }
        [$low, $high] = [intdiv($grams * 102, 100), intdiv($grams * 110, 100)];
        $kg = DoseLine::kilograms(...);
        $said = [...$last->asInput(), 'over the target in the last set' => self::over($before).', then '.self::over($last).' repetitions', 'next load' => "{$kg($low)}–{$kg($high)} kg"];
        $heavier = array_filter($owned ?? [], static fn(int $weight): bool => $weight > $grams);
        $next = $owned === null ? $low : ($heavier === [] ? null : min($heavier));
        $heavierAt = static fn(int $weight): Dose => $last->dose->withLoad($weight)->withBody(Reps::of(min($body->count, $rung->band->low ?? $body->count)));
        if ($next !== null && $next <= $high) {
            $next = max($next, $low);
            $rounded = $owned === null ? intdiv($next + 499, 500) * 500 : $next;
            $next = $rounded <= $high ? $rounded : $next;

            return new self($heavierAt($next), true, Reason::because(Rule::NextLoad, "{$rung->name}: {$kg($next)} kg next, from the low end of the band; {$kg($low)} to {$kg($high)} kg would be right.", $said, 'One repetition over the target, or only one such session, keeps the load.'));
        }
        $why = $next === null ? 'no heavier weight is at hand' : "the next weight at hand, {$kg($next)} kg, is ".self::percentUp($grams, $next).' % up';
        if ($body->count < $most) {
            $count = min($most, $body->count + 2);

            return new self($last->dose->withBody(Reps::of($count)), true, Reason::because(Rule::NextLoad, "{$rung->name}: keep {$kg($grams)} kg and do ".($count - $body->count === 1 ? 'one repetition' : 'two repetitions')." more, since {$why}.", $said, 'A weight in between, or a slower tempo.'));
        }
        if ($next !== null && 10 * $next <= 12 * $grams) {
            return new self($heavierAt($next), true, Reason::because(Rule::NextLoad, "{$rung->name}: {$kg($next)} kg next, from the low end of the band, after {$most} repetitions were clean twice.", $said, 'A weight in between.'));
        }
        $slower = DoseStep::slower($rung, $last->dose);

        return new self($slower->dose ?? $last->dose, $slower !== null, Reason::because(Rule::NextLoad, "{$rung->name}: keep {$kg($grams)} kg, ".($slower->words ?? 'the same dose').", since {$why}.", $said, 'A weight in between.'));
    }

    /**
     * Two repetitions over the target in the last set, at two sessions running: the next band from the low end, and where
     * no stronger one has a name half a step further from the anchor, which stretches the same one.
     */
    private static function pull(Rung $rung, RungSession $last, ?RungSession $before): ?self
    {
        $pull = $last->dose->pull;
        $body = $last->dose->first();
        if ($pull === null || ! $body instanceof Reps || $before === null || ! $pull->is($before->dose->pull) || self::over($last) < 2 || self::over($before) < 2) {
            return null;
        }
        $next = $pull->harder();
        $dose = $last->dose->withBody(Reps::of(min($body->count, $rung->band->low ?? $body->count)))->withPull($next ?? $pull);
        $words = $next === null ? "the {$pull->inWords()} half a step further from its anchor" : "{$next->inWords()} next";

        return new self($dose, true, Reason::because(Rule::NextLoad, "{$rung->name}: {$words}, from the low end of the band of repetitions.", [...$last->asInput(), 'over the target in the last set' => self::over($before).', then '.self::over($last).' repetitions', 'next' => DoseLine::print($dose)], 'One repetition over the target, or only one such session, keeps the pull.'));
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
}
