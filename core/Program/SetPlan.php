<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/** Sets by session and offer, and how well they do. */
final readonly class SetPlan
{
    /**
     * @param array<int, array<int, int>> $sets by session and offer
     * @param array<string, int> $short sessions missing to the minimum, by demand; none at 0
     * @param float              $distance Σ|w_d − t_d·W| ÷ (2W): 0 is the target to the second
     */
    public function __construct(public array $sets, public array $short, public float $distance) {}

    /** @return array<int, int> sets by offer, those with none left out */
    public function session(int $session): array
    {
        return array_filter($this->sets[$session], static fn(int $sets): bool => $sets > 0);
    }

    /** Whether any session has sets of an offer. */
    public function has(int $offer): bool
    {
        return array_filter($this->sets, static fn(array $row): bool => ($row[$offer] ?? 0) > 0) !== [];
    }
}
