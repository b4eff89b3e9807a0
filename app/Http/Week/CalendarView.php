<?php

declare(strict_types=1);

namespace App\Http\Week;

/** How a person's plan goes into a calendar. */
final readonly class CalendarView
{
    /**
     * @param bool        $subscribed there is a private address
     * @param string|null $address    the private address, told once when it is made
     * @param string|null $lastReadAt when a calendar last asked for it
     */
    public function __construct(
        public int $version,
        public string $morning,
        public string $midday,
        public string $evening,
        public ?int $alarmMinutes,
        public bool $subscribed,
        public ?string $address,
        public ?string $addressMadeOn,
        public ?string $lastReadAt,
    ) {}
}
