<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ReasonView;

/** What stands against a time for one of a squad. */
final readonly class SquadTimeAgainstView
{
    /** @param list<ReasonView> $reasons */
    public function __construct(public string $person, public string $name, public array $reasons) {}
}
