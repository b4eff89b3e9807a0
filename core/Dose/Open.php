<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** As many or as long as clean; the clock uses the estimate and says so: `max~20<=30`, `max~40s`. */
final readonly class Open implements SetBody
{
    private function __construct(public int $estimate, public ?int $cap, private Unit $unit) {}

    /** @throws InvalidDose */
    public static function of(int $estimate, ?int $cap, Unit $unit): self
    {
        $most = $unit === Unit::Reps ? 200 : 600;
        Bounds::within($estimate, 1, $most, 'The estimate of an open set');
        if ($cap !== null && Bounds::within($cap, 1, $most, 'The cap of an open set') < $estimate) {
            throw InvalidDose::because('The cap of an open set cannot be below its estimate.');
        }

        return new self($estimate, $cap, $unit);
    }

    public function unit(): Unit
    {
        return $this->unit;
    }

    public function target(): int
    {
        return $this->estimate;
    }
}
