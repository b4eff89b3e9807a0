<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Method\Method;

/** Exercise versions for one demand in order of height. */
final readonly class Ladder
{
    /** A ladder nobody tested is begun this far below where they stand for the same demand (our own choice). */
    public const CAREFUL_TENTHS = 10;

    /**
     * @param non-empty-list<Rung> $rungs by height, lowest first
     * @param list<string>         $signposts slugs of rungs that stand on another ladder and belong here too
     * @param list<Gap>            $gaps      what a limit leaves open, and why
     *
     * @throws InvalidLadder when rungs are out of order or doubled
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $shortName,
        public Demand $demand,
        public array $rungs,
        public array $signposts = [],
        public array $gaps = [],
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
            if ($rung->slug === $slug || isset($rung->range->formerly[$slug])) {
                return $rung;
            }
        }

        return null;
    }

    /** Next lower rung of the trunk, or null at the bottom. */
    public function below(Rung $rung, Method $method): ?Rung
    {
        $trunk = $this->trunk($method);
        $at = array_search($rung->slug, array_column($trunk, 'slug'), true);
        if ($at !== false) {
            return $trunk[$at - 1] ?? null;
        }
        $below = array_filter($trunk, static fn(Rung $step): bool => $step->height->above($rung->height) < 0);

        return $below === [] ? null : $below[array_key_last($below)];
    }

    /** Next higher rung of the trunk, or null at the top. */
    public function above(Rung $rung, Method $method): ?Rung
    {
        $trunk = $this->trunk($method);
        $at = array_search($rung->slug, array_column($trunk, 'slug'), true);
        if ($at !== false) {
            return $trunk[$at + 1] ?? null;
        }
        foreach ($trunk as $step) {
            if ($step->height->above($rung->height) > 0) {
                return $step;
            }
        }

        return null;
    }

    /**
     * The rungs that climbing goes over with a method, lowest first.
     *
     * @return list<Rung>
     */
    public function trunk(Method $method): array
    {
        $trunk = $follow = [];
        foreach ($this->rungs as $rung) {
            if (! $rung->inTrunk($method)) {
                continue;
            }
            if ($rung->after === null) {
                $trunk[] = $rung;
            } else {
                $follow[] = $rung;
            }
        }
        foreach ($follow as $rung) {
            $at = array_search($rung->after, array_column($trunk, 'slug'), true);
            array_splice($trunk, $at === false ? count($trunk) : $at + 1, 0, [$rung]);
        }

        return $trunk;
    }
}
