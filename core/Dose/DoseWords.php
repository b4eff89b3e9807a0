<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** A dose in plain words, for the sheet and the player. */
final class DoseWords
{
    /** Such as "3 × 10 each side" or "3 × (4 holds of 10 s, 5 s between)". */
    public static function of(Dose $dose): string
    {
        $body = $dose->first();
        $words = $dose->isFalling() ? self::falling($dose) : $dose->sets().' × '.self::body($body);
        $words .= $dose->perSide ? ' each side' : '';

        return $words.($dose->loadGrams === null ? '' : ', '.DoseLine::kilograms($dose->loadGrams).' kg');
    }

    private static function body(SetBody $body): string
    {
        return match (true) {
            $body instanceof Holds => $body->count === 1 ? "{$body->seconds} s" : "({$body->count} holds of {$body->seconds} s, {$body->gapSeconds} s between)",
            $body instanceof Gathered => "{$body->totalSeconds} s in bouts of {$body->boutSeconds} s, {$body->gapSeconds} s between",
            $body instanceof Carry => "{$body->metres} m",
            $body instanceof Timed => "{$body->seconds} s of work",
            $body instanceof Open => 'as '.($body->unit() === Unit::Reps ? 'many' : 'long')." as clean, about {$body->estimate}".($body->unit() === Unit::Reps ? '' : ' s').($body->cap === null ? '' : ", at most {$body->cap}"),
            default => (string) $body->target(),
        };
    }

    private static function falling(Dose $dose): string
    {
        $counts = array_map(static fn(SetBody $body): string => $body instanceof Holds ? (string) $body->count : '', $dose->bodies);
        $first = $dose->first();

        return implode(', then ', $counts).($first instanceof Holds ? " holds of {$first->seconds} s, {$first->gapSeconds} s between" : '');
    }
}
