<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Load;
use EvenRungs\Ladder\Rung;

/** Where it hurts. Values are stored: never renamed. */
enum PainPlace: string
{
    case LowBack = 'low-back';
    case Neck = 'neck';
    case BackOfThigh = 'back-of-thigh';
    case FrontOfHip = 'front-of-hip';
    case Shoulder = 'shoulder';
    case Wrist = 'wrist';
    case Knee = 'knee';
    case Elsewhere = 'elsewhere';

    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** Whether left and right can differ. */
    public function isSided(): bool
    {
        return ! in_array($this, [self::LowBack, self::Neck], true);
    }

    /** @return list<self> the places a rung asks something of */
    public static function loadedBy(Rung $rung): array
    {
        return array_values(array_filter(self::cases(), static fn(self $place): bool => $place->isLoadedBy($rung)));
    }

    /** Whether a rung asks something of the place. The back is in all trunk work; of a place nobody named it is not known, so it counts. */
    public function isLoadedBy(Rung $rung): bool
    {
        $meets = static fn(Demand ...$demands): bool => array_intersect(array_column($demands, 'value'), array_column([$rung->demand, ...$rung->secondary], 'value')) !== [];
        $loads = static fn(Load ...$tags): bool => array_filter($tags, static fn(Load $load): bool => $rung->loads->value($load) > 0) !== [];

        return match ($this) {
            self::LowBack, self::Elsewhere => true,
            self::Neck => $loads(Load::Neck, Load::HeadDown),
            self::BackOfThigh => $meets(Demand::HipStability, Demand::AntiFlexion),
            self::FrontOfHip => $loads(Load::HipFlexor),
            self::Shoulder => $loads(Load::Shoulder, Load::Overhead) || $meets(Demand::ShoulderGirdle),
            self::Wrist => $loads(Load::Wrist),
            self::Knee => $loads(Load::Kneeling) || $meets(Demand::IntegratedLift, Demand::HipStability),
        };
    }
}
