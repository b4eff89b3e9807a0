<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** What the trunk resists or controls. */
enum Demand: string
{
    case AntiExtension = 'anti-extension';
    case AntiLateralFlexion = 'anti-lateral-flexion';
    case AntiFlexion = 'anti-flexion';
    case AntiRotation = 'anti-rotation';
    case HipStability = 'hip-stability';
    case ShoulderGirdle = 'shoulder-girdle-stability';
    case Activation = 'activation';
    case TrunkFlexion = 'trunk-flexion';
    case TrunkRotation = 'trunk-rotation';
    case IntegratedLift = 'integrated-lift';

    /** The short name the trade uses on the floor. */
    public function shortName(): string
    {
        return match ($this) {
            self::AntiExtension => 'front',
            self::AntiLateralFlexion => 'lateral',
            self::AntiFlexion => 'posterior',
            self::AntiRotation => 'rotation',
            self::HipStability => 'hip',
            self::ShoulderGirdle => 'shoulder girdle',
            self::Activation => 'activation',
            self::TrunkFlexion => 'trunk flexion',
            self::TrunkRotation => 'trunk rotation',
            self::IntegratedLift => 'integrated lift',
        };
    }

    /** The six demands that have a share in the balance of work. */
    public function hasShare(): bool
    {
        return in_array($this, self::withShare(), true);
    }

    /** @return list<self> in the order of the board */
    public static function withShare(): array
    {
        return [self::AntiExtension, self::AntiLateralFlexion, self::AntiFlexion, self::AntiRotation, self::HipStability, self::ShoulderGirdle];
    }

    /** @return list<self> the four every week has to meet (common practice) */
    public static function everyWeek(): array
    {
        return [self::AntiExtension, self::AntiLateralFlexion, self::AntiFlexion, self::AntiRotation];
    }
}
