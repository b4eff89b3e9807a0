<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;

/**
 * Mean and standard deviation of a hold in healthy young adults, in seconds.
 *
 * McGill, Childs, Liebenson 1999, Arch Phys Med Rehabil 80:941–944 (values from memory): a small sample of students.
 * Front plank and one-leg bridge have no norm here.
 */
final readonly class HoldNorm
{
    public const SOURCE = 'McGill, Childs, Liebenson 1999, Arch Phys Med Rehabil 80:941–944';

    /** Reliability of these holds, found in five people only (same paper). */
    private const RELIABILITY = 0.97;

    private const YOUNGEST = 18;

    private const OLDEST = 35;

    private function __construct(public int $mean, public int $sd) {}

    public static function for(HoldKind $kind, Side $side, Sex $sex): ?self
    {
        $male = $sex === Sex::Male;

        return match ($kind) {
            HoldKind::BackExtensor => $male ? new self(146, 51) : new self(189, 60),
            HoldKind::TrunkFlexor => $male ? new self(144, 76) : new self(149, 99),
            HoldKind::SidePlank => match ($side) {
                Side::Right => $male ? new self(94, 34) : new self(72, 31),
                Side::Left => $male ? new self(97, 35) : new self(77, 35),
                Side::Both => null,
            },
            default => null,
        };
    }

    /** Distance from the mean in standard deviations. */
    public function distance(int $seconds): float
    {
        return ($seconds - $this->mean) / $this->sd;
    }

    /** Whether seconds lie close enough to a normal curve for a percentile: the mean is at least 2.5 SD. */
    public function hasPercentile(): bool
    {
        return $this->mean >= 2.5 * $this->sd;
    }

    /** Per cent of the published group below this time; null where the curve or the age does not carry it. */
    public function percentile(int $seconds, ?Age $age): ?float
    {
        return $this->hasPercentile() && self::covers($age) ? 100 * Normal::shareBelow($this->distance($seconds)) : null;
    }

    public static function covers(?Age $age): bool
    {
        return $age !== null && $age->least >= self::YOUNGEST && $age->most <= self::OLDEST;
    }

    public function minimalDetectableChange(): float
    {
        return MinimalDetectableChange::of($this->sd, self::RELIABILITY);
    }
}
