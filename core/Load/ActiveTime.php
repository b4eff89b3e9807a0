<?php

declare(strict_types=1);

namespace EvenRungs\Load;

use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * How long was trained, from the moments at which something was done: a log that stays open over lunch is not training.
 */
final readonly class ActiveTime
{
    /** A longer gap than this, in seconds, counts nothing (our own choice). */
    public const LONGEST_GAP = 300;

    /** Shorter than half, or longer than twice what was written for the sets that were done, is asked about (our own choice). */
    private const ODD = 2;

    /**
     * @param list<int> $moments seconds after the start, in any order
     *
     * @return int|null seconds; null where nothing says how long it was
     */
    public static function of(array $moments): ?int
    {
        sort($moments);
        $active = 0;
        foreach ($moments as $at => $moment) {
            $gap = $at === 0 ? 0 : $moment - $moments[$at - 1];
            $active += $gap > self::LONGEST_GAP ? 0 : $gap;
        }

        return count($moments) < 2 ? null : $active;
    }

    /**
     * What is odd about a time, or null where it fits.
     *
     * @param int $written seconds the sets that were done take as written, rests among them
     */
    public static function odd(?int $seconds, int $written): ?Reason
    {
        $expected = self::words($written);
        if ($seconds !== null && $seconds * self::ODD >= $written && $seconds <= $written * self::ODD) {
            return null;
        }

        return Reason::because(
            Rule::ActiveTime,
            $seconds === null ? "How long it took is not known; as written these sets take {$expected}." : 'Counted: '.self::words($seconds)." of training; as written these sets take {$expected}.",
            ['as written' => "{$written} s", ...($seconds === null ? [] : ['counted' => "{$seconds} s"])],
            'The minutes that were really trained.',
        );
    }

    private static function words(int $seconds): string
    {
        return $seconds < 60 ? "{$seconds} s" : intdiv($seconds, 60).' min'.($seconds % 60 === 0 ? '' : ' '.($seconds % 60).' s');
    }
}
