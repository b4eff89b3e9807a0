<?php

declare(strict_types=1);

namespace App\Http\Bench;

/** What needs the trainer today, most urgent first. */
final readonly class BenchView
{
    /**
     * @param list<BenchSquadView> $squads that meet today, in order of time
     * @param list<BenchLineView> $lines  of this page
     * @param string|null         $next   what to ask for after these lines; null when there are no more
     * @param int                 $old    so many lines are still to be made anew: they come with the next asking
     */
    public function __construct(
        public string $today,
        public array $squads,
        public array $lines,
        public ?string $next,
        public int $old,
    ) {}
}
