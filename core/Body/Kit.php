<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** What a rung can need. The floor itself is not kit. */
enum Kit: string
{
    case Mat = 'mat';
    case Pillow = 'pillow';
    case Towel = 'towel';
    case Wall = 'wall';
    case Bench = 'bench';
    case Step = 'step';
    case Blocks = 'blocks';
    case Sliders = 'sliders';
    case Band = 'band';
    case Partner = 'partner';
    case Cable = 'cable';
    case Dumbbell = 'dumbbell';
    case Kettlebell = 'kettlebell';
    case Sandbag = 'sandbag';
    case Plate = 'plate';
    case CornerBar = 'corner-bar';
    case Barbell = 'barbell';
    case Ball = 'ball';
    case Wheel = 'wheel';
    case Straps = 'straps';
    case MedicineBall = 'medicine-ball';
    case HangingBar = 'hanging-bar';
    case KneeRaiseTower = 'knee-raise-tower';
    case AnkleWeights = 'ankle-weights';
    case Dowel = 'dowel';

    public function isWeight(): bool
    {
        return in_array($this, [self::Dumbbell, self::Kettlebell, self::Sandbag, self::Plate, self::CornerBar, self::Barbell, self::MedicineBall, self::AnkleWeights], true);
    }

    /** Whether it resists by a pull that can be measured at the hand. */
    public function pulls(): bool
    {
        return $this === self::Band || $this === self::Cable;
    }

    public function label(): string
    {
        return match ($this) {
            self::Bench => 'chair or bench',
            self::Band => 'band and anchor',
            self::Partner => 'partner as resistance',
            self::CornerBar => 'bar in a corner',
            self::Ball => 'stability ball',
            self::Wheel => 'roller wheel',
            self::Straps => 'suspension straps',
            self::MedicineBall => 'medicine ball',
            self::HangingBar => 'hanging bar',
            self::KneeRaiseTower => 'knee-raise tower',
            self::AnkleWeights => 'ankle weights',
            default => $this->value,
        };
    }
}
