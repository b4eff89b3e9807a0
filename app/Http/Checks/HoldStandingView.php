<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;

/** One side of a hold: whether it can be tested, and what was held. */
final readonly class HoldStandingView
{
    /**
     * @param ReasonView|null   $ruledOut   why it is not tested
     * @param int|null          $percentile whole per cent of the published group below; null where it would say more than is known
     * @param ReasonView|null   $change     the change since the test before
     * @param list<HoldRowView> $history    newest first
     */
    public function __construct(
        public Side $side,
        public ?ReasonView $ruledOut,
        public ?int $last,
        public ?int $best,
        public ?NormView $norm,
        public ?int $percentile,
        public ?ReasonView $reason,
        public ?ReasonView $change,
        public array $history,
    ) {}
}
