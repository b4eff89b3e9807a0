<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ReasonView;

/** Seven days of load. */
final readonly class LoadWeekView
{
    /**
     * @param list<int> $days     load of each day, rounded
     * @param string    $monotony empty where every day is the same
     * @param int       $unknown  sessions without effort or time
     */
    public function __construct(
        public string $first,
        public string $last,
        public array $days,
        public int $total,
        public string $monotony,
        public string $strain,
        public int $unknown,
        public ReasonView $reason,
    ) {}
}
