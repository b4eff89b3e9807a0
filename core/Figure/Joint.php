<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A joint, with its anatomical angles in the order they are given and turned: nought is standing with hanging arms.
 *
 * Ranges after AAOS, Joint Motion 1965 (values from memory). The spine has two joints, whose angles together keep
 * within the ranges of the trunk. Wider than active motion, as our own choice: the wrist is bent to 95° and the
 * knee to 155° where the weight of the body does it, and toes carry with the foot drawn up to 30°.
 */
enum Joint: string
{
    case LowBack = 'low-back';
    case MidBack = 'mid-back';
    case Neck = 'neck';
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    case Hip = 'hip';
    case Knee = 'knee';
    case Ankle = 'ankle';

    public function isPaired(): bool
    {
        return ! in_array($this, [self::LowBack, self::MidBack, self::Neck], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::LowBack => 'low back',
            self::MidBack => 'middle back',
            default => $this->value,
        };
    }

    /** @return list<Hinge> outermost first; of paired joints as on the left */
    public function hinges(): array
    {
        return match ($this) {
            self::LowBack, self::MidBack => [new Hinge('flexion', 1, 1, -25, 60), new Hinge('side-bending', 0, -1, -25, 25), new Hinge('turning', 2, 1, -30, 30)],
            self::Neck => [new Hinge('flexion', 1, 1, -45, 45), new Hinge('side-bending', 0, -1, -45, 45), new Hinge('turning', 2, 1, -45, 45)],
            self::Shoulder => [new Hinge('flexion', 1, -1, -60, 180), new Hinge('abduction', 0, 1, -75, 180), new Hinge('turning in', 2, -1, -90, 70)],
            self::Elbow => [new Hinge('flexion', 1, -1, 0, 150)],
            self::Wrist => [new Hinge('bending back', 1, -1, -80, 95)],
            self::Hip => [new Hinge('flexion', 1, -1, -30, 120), new Hinge('abduction', 0, 1, -30, 45), new Hinge('turning in', 2, -1, -45, 45)],
            self::Knee => [new Hinge('flexion', 1, 1, 0, 155)],
            self::Ankle => [new Hinge('drawing up', 1, -1, -50, 30), new Hinge('sole turned in', 0, -1, -15, 35)],
        };
    }

    /** How readily it gives when a body is set on its supports: the spine is what a pose is about. */
    public function give(): float
    {
        return match ($this) {
            self::LowBack, self::MidBack => 0.004,
            self::Neck => 2.0,
            self::Ankle, self::Wrist => 1.5,
            default => 1.0,
        };
    }
}
