<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** Kit that carries the body, hangs on it or pulls at it. */
enum KitKind: string
{
    case Bench = 'bench';
    case Step = 'step';
    case Blocks = 'blocks';
    case Pillow = 'pillow';
    case Towel = 'towel';
    case Pad = 'pad';
    case Ball = 'ball';
    case Wheel = 'wheel';
    case Slider = 'slider';
    case Bar = 'bar';
    /** A round pad on a post. */
    case Post = 'post';
    case Strap = 'strap';
    case Wall = 'wall';
    case Dumbbell = 'dumbbell';
    case Kettlebell = 'kettlebell';
    case Plate = 'plate';
    case Barbell = 'barbell';
    case CornerBar = 'corner-bar';
    case MedicineBall = 'medicine-ball';
    case AnkleWeight = 'ankle-weight';
    case Band = 'band';
    case Loop = 'loop';
    case Dowel = 'dowel';

    public function isSurface(): bool
    {
        return match ($this) {
            self::Bench, self::Step, self::Blocks, self::Pillow, self::Towel, self::Pad, self::Ball, self::Wheel, self::Slider, self::Bar, self::Post, self::Strap, self::Wall => true,
            default => false,
        };
    }

    public function isWeight(): bool
    {
        return match ($this) {
            self::Dumbbell, self::Kettlebell, self::Plate, self::Barbell, self::CornerBar, self::MedicineBall, self::AnkleWeight => true,
            default => false,
        };
    }

    /** Held by hands or feet that can pull as well as push. */
    public function isGripped(): bool
    {
        return in_array($this, [self::Bar, self::Strap, self::Wheel], true);
    }

    /** Without friction along the way it travels. */
    public function rolls(): bool
    {
        return $this === self::Wheel || $this === self::Slider;
    }

    /** Centimetres above the floor where a pose does not say. */
    public function usualHeight(): float
    {
        return match ($this) {
            self::Bench => 43,
            self::Step => 20,
            self::Blocks => 15,
            self::Pillow => 10,
            self::Towel => 5,
            self::Pad => 4,
            self::Ball => 55,
            self::Wheel => 9,
            self::Slider => 1.5,
            self::Bar => 215,
            self::Post => 60,
            self::Strap => 30,
            default => 0,
        };
    }
}
