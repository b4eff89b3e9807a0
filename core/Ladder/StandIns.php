<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Height;

/**
 * What may stand in for a rung of somebody: nothing higher than where they stand in the demand, and on a ladder of which they stand on
 * a rung no higher than that, since it was found there. Nothing leads to a ladder that is stopped or waits for a decision.
 */
final readonly class StandIns
{
    /** @var \Closure(string): ?Rung */
    private \Closure $working;

    /** @var \Closure(string): bool */
    private \Closure $isHeld;

    /**
     * @param Height|null                  $demand  where they stand in the demand; as high as what is replaced when null
     * @param (\Closure(string): ?Rung)|null $working the rung they stand on, by ladder
     * @param (\Closure(string): bool)|null  $isHeld  of which ladder nothing is trained for now
     */
    public function __construct(private ?Height $demand = null, ?\Closure $working = null, ?\Closure $isHeld = null)
    {
        $this->working = $working ?? static fn(): ?Rung => null;
        $this->isHeld = $isHeld ?? static fn(): bool => false;
    }

    /** The highest that may stand in the place of a rung. */
    public function ceiling(Rung $ruledOut): Height
    {
        return $this->demand ?? $ruledOut->height;
    }

    /** Whether a rung, as it is sketched, may stand in the place of another. */
    public function has(Sketch $one, Rung $ruledOut): bool
    {
        $working = ($this->working)($one->ladder);

        return $one->height->above($this->ceiling($ruledOut)) <= 0
            && ($working === null || $one->height->above($working->height) <= 0)
            && ! ($this->isHeld)($one->ladder);
    }

    /** Whether a rung of another ladder is below where they stand there: they do more of it as it is. */
    public function isBeneathThem(Sketch $one, Rung $ruledOut): bool
    {
        $working = $one->ladder === $ruledOut->ladder ? null : ($this->working)($one->ladder);

        return $working !== null && $one->height->above($working->height) < 0;
    }
}
