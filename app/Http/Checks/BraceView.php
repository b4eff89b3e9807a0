<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use EvenRungs\Assessment\BraceCheck;
use OpenApi\Attributes as OA;

/** What the readings of a cuff come to. */
#[OA\Schema]
final readonly class BraceView
{
    public function __construct(
        #[OA\Property]
        public float $seconds,
        #[OA\Property]
        public float $secondsInBand,
        #[OA\Property]
        public float $longestInBand,
        #[OA\Property(description: 'mmHg a minute')]
        public float $drift,
        #[OA\Property]
        public bool $held,
        #[OA\Property]
        public ReasonView $reason,
    ) {}

    public static function of(BraceCheck $check): self
    {
        return new self(round($check->seconds, 1), round($check->secondsInBand, 1), round($check->longestInBand, 1), round($check->driftPerMinute, 2), $check->held, ReasonView::of($check->reason));
    }
}
