<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ReasonView;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;

/** A day of the week at hand. */
final readonly class WeekDayView
{
    /**
     * @param int|null     $sore       soreness of the trunk told on the day, 0 to 10
     * @param list<DayPart> $recovering parts of the day in which the trunk recovers from a hard session
     * @param array<string, SessionRole> $roles what a session put there is to the rest of the day, by part
     */
    public function __construct(
        public int $day,
        public string $date,
        public bool $today,
        public bool $trains,
        public bool $away,
        public ?int $sore,
        public ?ReasonView $activationOnly,
        public array $recovering,
        public array $roles,
    ) {}
}
