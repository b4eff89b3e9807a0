<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** What makes the step from the rung below harder. */
enum Lever: string
{
    case LeverArm = 'lever-arm';
    case BaseOfSupport = 'base-of-support';
    case Range = 'range';
    case Load = 'load';
    case Tempo = 'tempo';
    case Hold = 'hold';
    case Surface = 'surface';
    case LimbsMoving = 'limbs-moving';
    case Position = 'position';
    case StaticToDynamic = 'static-to-dynamic';
    case AssistanceRemoved = 'assistance-removed';
    /** The lowest rung of a ladder: there is no step below. */
    case Start = 'start';

    public function inWords(): string
    {
        return match ($this) {
            self::LeverArm => 'Lever arm',
            self::BaseOfSupport => 'Base of support',
            self::LimbsMoving => 'Limbs moving',
            self::StaticToDynamic => 'From static to dynamic',
            self::AssistanceRemoved => 'Assistance removed',
            self::Start => 'Where the ladder starts',
            default => ucfirst($this->value),
        };
    }
}
