<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** The kind of work a rung is dosed as: a row of the dose table. */
enum DoseKind: string
{
    case ActivationHold = 'activation-hold';
    case StaticHold = 'static-hold';
    case SideHold = 'side-hold';
    case ControlledReps = 'controlled-reps';
    case EnduranceReps = 'endurance-reps';
    case BridgeHold = 'bridge-hold';
    case Carry = 'carry';
    case HeadLift = 'head-lift';
    case LoadedLift = 'loaded-lift';

    public function isHold(): bool
    {
        return in_array($this, [self::ActivationHold, self::StaticHold, self::SideHold, self::HeadLift], true);
    }
}
