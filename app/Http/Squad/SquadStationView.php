<?php

declare(strict_types=1);

namespace App\Http\Squad;

use EvenRungs\Body\Demand;

final readonly class SquadStationView
{
    /**
     * @param list<string> $kit  what has to lie there for those who are there at once, as “2 × mat”
     * @param int          $next the station one goes on to, from 0
     */
    public function __construct(public string $ladder, public string $name, public Demand $demand, public string $demandName, public array $kit, public int $next) {}
}
