<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;

/** All ladders, in the order of the board. */
final readonly class Library
{
    /** @var array<string, Rung> */
    private array $rungs;

    /**
     * @param list<Ladder> $ladders
     * @param string       $version kept with whatever was planned from it
     */
    public function __construct(public array $ladders, public string $version)
    {
        $rungs = [];
        foreach ($ladders as $ladder) {
            foreach ($ladder->rungs as $rung) {
                if (isset($rungs[$rung->slug])) {
                    throw InvalidLadder::because("The rung {$rung->slug} stands on two ladders.");
                }
                $rungs[$rung->slug] = $rung;
            }
        }
        $this->rungs = $rungs;
    }

    /** @throws UnknownRung */
    public function rung(string $slug): Rung
    {
        return $this->rungs[$slug] ?? throw UnknownRung::named($slug);
    }

    /** @throws UnknownRung */
    public function ladder(string $slug): Ladder
    {
        foreach ($this->ladders as $ladder) {
            if ($ladder->slug === $slug) {
                return $ladder;
            }
        }
        throw UnknownRung::ladder($slug);
    }

    /** @return list<Rung> every rung whose main demand this is */
    public function meeting(Demand $demand): array
    {
        return array_values(array_filter($this->rungs, static fn(Rung $rung): bool => $rung->demand === $demand));
    }
}
