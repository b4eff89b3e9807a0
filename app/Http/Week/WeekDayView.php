<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** A day of the week at hand. */
#[OA\Schema]
final readonly class WeekDayView
{
    /** @param list<string> $recovering parts of the day in which the trunk recovers from a hard session */
    public function __construct(
        #[OA\Property]
        public int $day,
        #[OA\Property]
        public string $date,
        #[OA\Property]
        public bool $today,
        #[OA\Property]
        public bool $trains,
        #[OA\Property]
        public bool $away,
        #[OA\Property(description: 'soreness of the trunk told on the day, 0 to 10', nullable: true)]
        public ?int $sore,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $activationOnly,
        #[ListOf('string')]
        public array $recovering,
    ) {}
}
