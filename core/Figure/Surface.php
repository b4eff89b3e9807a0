<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * What a place of the body is carried by.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Surface
{
    /** @param float $height above the floor, as a part of stature */
    public function __construct(public ?Kit $kit, public float $height) {}

    public function isUpright(): bool
    {
        return $this->kit?->isUpright() ?? false;
    }

    public function isGripped(): bool
    {
        return $this->kit?->kind->isGripped() ?? false;
    }

    /** @return Vec out of it, towards the body */
    public function normal(): array
    {
        return ! $this->isUpright() ? [0.0, 0.0, 1.0] : match ($this->kit?->side) {
            'back' => [1.0, 0.0, 0.0],
            'left' => [0.0, -1.0, 0.0],
            'right' => [0.0, 1.0, 0.0],
            default => [-1.0, 0.0, 0.0],
        };
    }
}
