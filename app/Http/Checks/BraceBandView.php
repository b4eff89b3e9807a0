<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Assessment\BraceCheck;
use OpenApi\Attributes as OA;

/** What a brace check asks for, in mmHg and seconds. */
#[OA\Schema]
final readonly class BraceBandView
{
    public function __construct(
        #[OA\Property]
        public float $target,
        #[OA\Property]
        public float $low,
        #[OA\Property]
        public float $high,
        #[OA\Property]
        public int $seconds,
    ) {}

    public static function make(): self
    {
        return new self(BraceCheck::TARGET_MMHG, BraceCheck::TARGET_MMHG - BraceCheck::TOLERANCE_MMHG, BraceCheck::TARGET_MMHG + BraceCheck::TOLERANCE_MMHG, BraceCheck::SECONDS);
    }
}
