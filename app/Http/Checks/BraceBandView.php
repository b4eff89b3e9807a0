<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Assessment\BraceCheck;

/** What a brace check asks for, in mmHg and seconds. */
final readonly class BraceBandView
{
    /** @param string|null $cuff where a simulated cuff speaks; null where a real one is read at the browser's own port */
    public function __construct(
        public float $target,
        public float $low,
        public float $high,
        public int $seconds,
        public ?string $cuff,
    ) {}

    public static function make(): self
    {
        return new self(target: BraceCheck::TARGET_MMHG, low: BraceCheck::TARGET_MMHG - BraceCheck::TOLERANCE_MMHG, high: BraceCheck::TARGET_MMHG + BraceCheck::TOLERANCE_MMHG, seconds: BraceCheck::SECONDS, cuff: self::address());
    }

    private static function address(): ?string
    {
        $address = config('cuff.address');

        return is_string($address) && $address !== '' ? $address : null;
    }
}
