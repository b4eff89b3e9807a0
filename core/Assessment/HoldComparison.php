<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Reason\Reason;

/** What the holds of one kind on one side come to. */
final readonly class HoldComparison
{
    /**
     * @param Hold|null     $before     the one before the last
     * @param HoldNorm|null $norm       null where there is none, or the sex is not known
     * @param float|null    $percentile of the published group; null where it would say more than is known
     * @param Reason        $reason     how last and norm compare
     * @param Reason|null   $change     whether the last differs from the one before by more than noise
     */
    public function __construct(
        public Hold $last,
        public Hold $best,
        public ?Hold $before,
        public ?HoldNorm $norm,
        public ?float $percentile,
        public Reason $reason,
        public ?Reason $change,
    ) {}
}
