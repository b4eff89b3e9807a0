<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** When the danger signs are to be asked for again: twelve weeks after the last time (our own choice). */
final class Rescreen
{
    private const DAYS = 84;

    /** The reason to ask today, or null when it is not due. */
    public static function due(Day $today, ?Day $lastAsked): ?Reason
    {
        if ($lastAsked === null) {
            return Reason::because(Rule::Rescreen, 'The danger signs have not been asked for yet.');
        }
        $days = $lastAsked->daysUntil($today);

        return $days < self::DAYS ? null : Reason::because(
            Rule::Rescreen,
            'The danger signs were last asked for '.intdiv($days, 7).' weeks ago: ask again.',
            ['last asked' => $lastAsked->inWords(), 'days since' => $days, 'asked every' => self::DAYS.' days'],
            'Asking them today.',
        );
    }

    /** The next day on which it comes due, or is said with another number of weeks; null where they were never asked for. */
    public static function saysOtherwiseOn(Day $today, ?Day $lastAsked): ?Day
    {
        return $lastAsked?->plusDays(max(self::DAYS, 7 * (intdiv(max(0, $lastAsked->daysUntil($today)), 7) + 1)));
    }
}
