<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Demand;

/**
 * What the outside does at the low back, in N·m, and so what the trunk resists.
 */
final readonly class TrunkMoment
{
    /**
     * @param float $bends forward above nought, backward below
     * @param float $leans to the right above nought, to the left below
     * @param float $turns to the left above nought, to the right below
     * @param float $mass  kg of the person
     */
    public function __construct(public float $bends, public float $leans, public float $turns, public float $mass) {}

    /** @return array{extension: float, flexion: float, side: float, turning: float} what is resisted, N·m, none below nought */
    public function resisted(): array
    {
        return ['extension' => max(0.0, -$this->bends), 'flexion' => max(0.0, $this->bends), 'side' => abs($this->leans), 'turning' => abs($this->turns)];
    }

    /** N·m for each kg of the person. */
    public function perKg(Demand $demand): float
    {
        return $this->of($demand) / $this->mass;
    }

    public function of(Demand $demand): float
    {
        $resisted = $this->resisted();

        return match ($demand) {
            Demand::AntiExtension => $resisted['extension'],
            Demand::AntiFlexion => $resisted['flexion'],
            Demand::AntiLateralFlexion => $resisted['side'],
            Demand::AntiRotation => $resisted['turning'],
            default => 0.0,
        };
    }
}
