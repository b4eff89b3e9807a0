<?php

declare(strict_types=1);

namespace App\Http\Squad;

/** One of a squad, as it is sent. */
final readonly class SquadMemberInput
{
    /** @param bool $here whether they are here today */
    public function __construct(public string $person, public bool $here) {}
}
