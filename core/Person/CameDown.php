<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\RungSession;

/** Rungs above the working one that the person came down to it from. */
final class CameDown
{
    /**
     * Whether they stood as high at a moment or since, or trained it since and before they were placed where they stand, and work
     * lower now.
     *
     * @param int $since order in time of the moment; ever where 0
     */
    public static function from(Rung $rung, PersonRecord $record, int $since = 0): bool
    {
        $working = $record->workingRung($rung->ladder);
        if ($working === null || $rung->height->above($working->height) <= 0) {
            return false;
        }
        $isSoHigh = static fn(Rung $stood): bool => $stood->ladder === $rung->ladder && $stood->height->above($rung->height) >= 0;
        $stoodThere = static fn(Placing $placing): bool => $placing->sequence >= $since && $record->library->has($placing->rung) && $isSoHigh($record->library->rung($placing->rung));
        $placed = max([0, ...array_map(static fn(Position $here): int => $here->sequence, $record->on($rung->ladder))]);
        $wasTrained = static fn(RungSession $session): bool => $session->rung->slug === $rung->slug && $session->sequence >= $since && $session->sequence < $placed;

        return array_filter($record->positionsAfter($since - 1), static fn(Position $then): bool => $isSoHigh($then->rung)) !== []
            || array_filter($record->history->placings, $stoodThere) !== []
            || array_filter($record->rungSessions(Side::Both), $wasTrained) !== [];
    }
}
