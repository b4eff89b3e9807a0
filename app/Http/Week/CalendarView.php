<?php

declare(strict_types=1);

namespace App\Http\Week;

use OpenApi\Attributes as OA;

/** How a person's plan goes into a calendar. */
#[OA\Schema]
final readonly class CalendarView
{
    public function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $morning,
        #[OA\Property]
        public string $midday,
        #[OA\Property]
        public string $evening,
        #[OA\Property(nullable: true)]
        public ?int $alarmMinutes,
        #[OA\Property(description: 'there is a private address')]
        public bool $subscribed,
        #[OA\Property(description: 'the private address, told once when it is made', nullable: true)]
        public ?string $address,
        #[OA\Property(nullable: true)]
        public ?string $addressMadeOn,
        #[OA\Property(description: 'when a calendar last asked for it', nullable: true)]
        public ?string $lastReadAt,
    ) {}
}
