<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** The default rest after a set of some kind, and the band it may move in; seconds, our own choice. */
final readonly class RestBand
{
    private function __construct(public int $seconds, public int $low, public int $high, public string $name) {}

    public static function for(DoseKind $kind, SetBody $body): self
    {
        return match (true) {
            $kind === DoseKind::ActivationHold => new self(10, 0, 20, 'activation'),
            $body instanceof Carry => new self(60, 45, 120, 'carry'),
            $kind === DoseKind::LoadedLift => new self(90, 60, 180, 'loaded lift or throw'),
            $body instanceof AccumulatedHold => new self(60, 30, 120, 'long hold'),
            $body instanceof Holds && $body->count > 1 => new self(30, 20, 60, 'between short-hold sets'),
            $body instanceof Holds && $body->seconds > 30 => new self(60, 30, 120, 'long hold'),
            $body instanceof Holds => new self(45, 30, 90, 'capped hold'),
            $kind === DoseKind::EnduranceReps => new self(30, 15, 60, 'endurance reps'),
            default => new self(45, 30, 90, 'controlled reps'),
        };
    }
}
