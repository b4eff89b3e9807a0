<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use EvenRungs\Assessment\BraceCheck;

/** What the readings of a cuff come to. */
final readonly class BraceView
{
    /** @param float $drift mmHg a minute */
    public function __construct(
        public float $seconds,
        public float $secondsInBand,
        public float $longestInBand,
        public float $drift,
        public bool $held,
        public ReasonView $reason,
    ) {}

    public static function of(BraceCheck $check): self
    {
        return new self(seconds: round($check->seconds, 1), secondsInBand: round($check->secondsInBand, 1), longestInBand: round($check->longestInBand, 1), drift: round($check->driftPerMinute, 2), held: $check->held, reason: ReasonView::of($check->reason));
    }
}
