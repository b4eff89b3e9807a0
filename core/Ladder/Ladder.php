<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;

/** Exercise versions for one demand in order of height. */
final readonly class Ladder
{
    /**
     * @param non-empty-list<Rung> $rungs by height, lowest first
     *
     * @throws InvalidLadder when rungs are out of order or doubled
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $shortName,
        public Demand $demand,
        public array $rungs,
    ) {
        $seen = [];
        foreach ($rungs as $index => $rung) {
            if (isset($seen[$rung->slug])) {
                throw InvalidLadder::because("The ladder {$slug} has the rung {$rung->slug} twice.");
            }
            $seen[$rung->slug] = true;
            if ($index > 0 && $rung->height->above($rungs[$index - 1]->height) < 0) {
                throw InvalidLadder::because("On the ladder {$slug}, {$rung->slug} stands lower than the rung before it.");
            }
        }
    }

    public function find(string $slug): ?Rung
    {
        foreach ($this->rungs as $rung) {
            if ($rung->slug === $slug) {
                return $rung;
            }
        }

        return null;
    }

    /** Next lower rung of the trunk, or null at the bottom. */
    public function below(Rung $rung): ?Rung
    {
        $below = null;
        foreach ($this->rungs as $candidate) {
            if (! $candidate->branch && $candidate->height->above($rung->height) < 0) {
                $below = $candidate;
            }
        }

        return $below;
    }

    /** Next higher rung of the trunk, or null at the top. */
    public function above(Rung $rung): ?Rung
    {
        foreach ($this->rungs as $candidate) {
            if (! $candidate->branch && $candidate->height->above($rung->height) > 0) {
                return $candidate;
            }
        }

        return null;
    }
}
