<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;

/** A core session that is different in one week: elsewhere, lighter, or left out of it. */
final readonly class WeekMoveView
{
    /**
     * @param int|null    $day  null: left out that week
     * @param string|null $time it starts at, such as 17:30
     */
    public function __construct(
        public string $slot,
        public string $monday,
        public ?int $day,
        public ?DayPart $part,
        public ?SessionRole $placement,
        public ?int $effort,
        public ?string $time = null,
    ) {}
}
