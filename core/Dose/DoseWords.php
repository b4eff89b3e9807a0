<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Method\Counting;

/** A dose in plain words, for the sheet and the player. */
final class DoseWords
{
    /** Such as "3 × 10 each side" or "3 × (4 holds of 10 s, 5 s between)". */
    public static function of(Dose $dose, Counting $counting = Counting::EachSide): string
    {
        $counted = $dose->perSide && $dose->only === null && $dose->unit() === Unit::Reps ? $counting : Counting::EachSide;
        $words = $dose->isFalling() ? self::falling($dose) : $dose->sets().' × '.self::body($dose->first(), $counted);
        $words .= match (true) {
            $dose->only !== null => ", {$dose->only->value} side only",
            $dose->perSide => $counted->inWords(),
            default => '',
        };
        $words .= $dose->extraSide === null ? '' : ", {$dose->extraSets} more ".($dose->extraSets === 1 ? 'set' : 'sets')." {$dose->extraSide->value} only";
        $words .= match ($dose->optionalSets) {
            0 => '',
            1 => ', one more if the last was clean',
            default => ", up to {$dose->optionalSets} more while clean",
        };

        $words .= $dose->range === null ? '' : ", {$dose->range->inWords()}";

        $words .= $dose->pull === null ? '' : ", {$dose->pull->inWords()}";

        return $words.($dose->loadGrams === null ? '' : ', '.DoseLine::kilograms($dose->loadGrams).' kg');
    }

    /** In a circuit, where the rounds are the sets: such as "10 each side" or "60 s of work, in the first 2 rounds". */
    public static function eachRound(Dose $dose, int $rounds, Counting $counting = Counting::EachSide): string
    {
        if ($dose->isFalling()) {
            return self::of($dose, $counting).', one a round';
        }
        $words = substr(self::of($dose, $counting), strlen($dose->sets().' × '));

        return $dose->sets() >= $rounds ? $words : $words.($dose->sets() === 1 ? ', in the first round only' : ", in the first {$dose->sets()} rounds");
    }

    private static function body(SetBody $body, Counting $counting): string
    {
        return match (true) {
            $body instanceof Holds => $body->count === 1 ? "{$body->seconds} s" : "({$body->count} holds of {$body->seconds} s, {$body->gapSeconds} s between)",
            $body instanceof AccumulatedHold => "{$body->totalSeconds} s in bouts of {$body->boutSeconds} s, {$body->gapSeconds} s between",
            $body instanceof Carry => "{$body->metres} m",
            $body instanceof Timed => "{$body->seconds} s of work",
            $body instanceof Open => 'as '.($body->unit() === Unit::Reps ? 'many' : 'long')." as clean, about {$counting->written($body->estimate)}".($body->unit() === Unit::Reps ? '' : ' s').($body->cap === null ? '' : ", at most {$counting->written($body->cap)}"),
            default => (string) $counting->written($body->target()),
        };
    }

    private static function falling(Dose $dose): string
    {
        $counts = array_map(static fn(SetBody $body): string => $body instanceof Holds ? (string) $body->count : '', $dose->bodies);
        $first = $dose->first();

        return implode(', then ', $counts).($first instanceof Holds ? " holds of {$first->seconds} s, {$first->gapSeconds} s between" : '');
    }
}
