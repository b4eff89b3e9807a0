<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Load\SessionLoad;

/** A session that was done, in brief: when, its load, and what of each ladder. */
final readonly class DoneSession
{
    /**
     * @param string                      $session the written session it was coached from
     * @param int                         $sequence order in time
     * @param array<string, int>          $sets    by ladder
     * @param array<string, list<string>> $rungs   slugs, by ladder
     */
    public function __construct(public Day $on, public string $session, public int $sequence, public SessionLoad $load, public array $sets, public array $rungs) {}

    public static function of(LoggedSession $log): self
    {
        $sets = $rungs = [];
        foreach ($log->sets as $set) {
            $sets[$set->ladder()] = ($sets[$set->ladder()] ?? 0) + 1;
            $rungs[$set->ladder()][$set->rung] = $set->rung;
        }

        return new self($log->on, $log->session, $log->sequence, $log->load(), $sets, array_map(array_values(...), $rungs));
    }
}
