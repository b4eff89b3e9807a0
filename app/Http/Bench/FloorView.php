<?php

declare(strict_types=1);

namespace App\Http\Bench;

/** Whom a device keeps for where there is no network. */
final readonly class FloorView
{
    /**
     * @param list<FloorPersonView> $people those whose session is placed today or tomorrow, the sooner first
     * @param int                   $days   for which the practice lets devices keep them
     */
    public function __construct(public string $today, public array $people, public int $days) {}
}
