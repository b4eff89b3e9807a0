<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Progress\RungSession;

/** What a person has behind them on their ladders: nobody is sent back to it. */
final class GonePast
{
    /**
     * @param int $since order in time, what was before it left out
     *
     * @return list<string> slugs of rungs that were clean at their leaving mark, or that the person stood on and stands above by now
     */
    public static function of(PersonRecord $record, int $since = 0): array
    {
        return array_values(array_unique([...self::mastered($record, $since), ...self::left($record, $since)]));
    }

    /** @return list<string> */
    private static function mastered(PersonRecord $record, int $since): array
    {
        $mastered = array_filter($record->rungSessions(Side::Both), static fn(RungSession $session): bool => $session->sequence >= $since && $session->isClean() && LeavingMark::of($session->rung, $record->method, $session->dose)->reachedBy($session) === true);

        return array_map(static fn(RungSession $session): string => $session->rung->slug, array_values($mastered));
    }

    /** @return list<string> */
    private static function left(PersonRecord $record, int $since): array
    {
        $left = [];
        foreach ($record->history->placings as $placing) {
            $working = $record->workingRung($placing->ladder);
            $rung = $record->library->has($placing->rung) ? $record->library->rung($placing->rung) : null;
            if ($placing->sequence >= $since && $working !== null && $rung !== null && $rung->slug !== $working->slug && $rung->height->above($working->height) <= 0) {
                $left[] = $rung->slug;
            }
        }

        return $left;
    }
}
