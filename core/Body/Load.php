<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** A load tag of a rung: which part of the body it asks something of, beyond the trunk itself. */
enum Load: string
{
    case Shoulder = 'shoulder';
    case Wrist = 'wrist';
    case Kneeling = 'kneeling';
    case Neck = 'neck';
    case TrunkFlexion = 'trunk-flexion';
    case TrunkExtension = 'trunk-extension';
    case Twisting = 'twisting';
    /** 0 under 2 000 N, 1 up to 3 400 N, 2 above: published figures or by likeness. */
    case Compression = 'compression';
    case HipFlexor = 'hip-flexor';
    case Overhead = 'overhead';
    case LongStrain = 'long-strain';
    case HeadDown = 'head-down';

    public function highest(): int
    {
        return match ($this) {
            self::Kneeling, self::Overhead, self::LongStrain, self::HeadDown => 1,
            default => 2,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Wrist => 'the wrist',
            self::Shoulder => 'the shoulder',
            self::Kneeling => 'the knees by kneeling',
            self::Neck => 'the neck',
            self::TrunkFlexion => 'the bending trunk',
            self::TrunkExtension => 'the arching trunk',
            self::Twisting => 'the turning trunk',
            self::Compression => 'the spine by compression',
            self::HipFlexor => 'the hip flexors',
            self::Overhead => 'the arms overhead',
            self::LongStrain => 'the breath by long strain',
            self::HeadDown => 'the head-down position',
        };
    }
}
