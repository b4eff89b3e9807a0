<?php

declare(strict_types=1);

namespace App\Http\Squad;

/** Stations and clock as they are proposed for the people of a squad. */
final readonly class SquadProposalView
{
    /**
     * @param list<string> $stations slugs of ladders
     * @param string       $text     in words
     */
    public function __construct(public array $stations, public int $work, public int $change, public int $rounds, public int $roundRest, public string $text) {}
}
