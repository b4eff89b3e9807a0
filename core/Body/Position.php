<?php

declare(strict_types=1);

namespace EvenRungs\Body;

enum Position: string
{
    case Supine = 'supine';
    case Prone = 'prone';
    case SideLying = 'side-lying';
    case AllFours = 'all-fours';
    case HighSupport = 'high-support';
    case ForearmSupport = 'forearm-support';
    case Seated = 'seated';
    case Kneeling = 'kneeling';
    case HalfKneeling = 'half-kneeling';
    case Standing = 'standing';
    case Walking = 'walking';
    case Hanging = 'hanging';

    public function inWords(): string
    {
        return match ($this) {
            self::Supine => 'on the back',
            self::Prone => 'face down',
            self::SideLying => 'on the side',
            self::AllFours => 'on all fours',
            self::HighSupport => 'on the hands',
            self::ForearmSupport => 'on the forearms',
            self::Seated => 'seated',
            self::Kneeling => 'kneeling',
            self::HalfKneeling => 'half-kneeling',
            self::Standing => 'standing',
            self::Walking => 'walking',
            self::Hanging => 'hanging',
        };
    }
}
