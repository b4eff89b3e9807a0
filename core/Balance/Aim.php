<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;

/** What a person trains for, with the shares of work it asks for (our own choice, open to change). */
enum Aim: string
{
    case Even = 'even';
    case DeskAndBack = 'desk-and-back';
    case ThrowingAndField = 'throwing-and-field';
    case Endurance = 'endurance';
    case Strength = 'strength';
    case BendingAndHanging = 'bending-and-hanging';
    case UnderClinician = 'under-clinician';
    case Youth = 'youth';

    public function label(): string
    {
        return match ($this) {
            self::Even => 'even all round',
            self::DeskAndBack => 'desk and back comfort',
            self::ThrowingAndField => 'throwing and field sport',
            self::Endurance => 'endurance sport',
            self::Strength => 'strength sport',
            self::BendingAndHanging => 'bending and hanging arts',
            self::UnderClinician => 'return under a clinician',
            self::Youth => 'youth',
        };
    }

    public function targets(): TargetShares
    {
        $parts = match ($this) {
            self::Even, self::Youth => [10, 10, 10, 10, 10, 10],
            self::DeskAndBack => [20, 15, 25, 15, 20, 5],
            self::ThrowingAndField => [15, 25, 10, 30, 15, 5],
            self::Endurance => [15, 15, 15, 25, 25, 5],
            self::Strength => [25, 20, 20, 20, 10, 5],
            self::BendingAndHanging => [30, 15, 15, 20, 10, 10],
            self::UnderClinician => [20, 15, 20, 15, 20, 10],
        };

        return TargetShares::of(array_combine(array_map(static fn(Demand $demand): string => $demand->value, Demand::withShare()), $parts));
    }
}
