<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A place of the body that can carry it or be reached: a ball of flesh round a point of a segment. Radii and places on
 * the segments are our own measure.
 *
 * @phpstan-import-type Vec from Vector
 */
enum Contact: string
{
    case Head = 'head';
    case Nape = 'nape';
    case UpperBack = 'upper-back';
    case MiddleBack = 'middle-back';
    case Sacrum = 'sacrum';
    case ChestFront = 'chest';
    case Midriff = 'midriff';
    case Belly = 'belly';
    case Ribs = 'ribs';
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    /** The heel of the hand, which carries. */
    case Palm = 'palm';
    /** Where the hand closes round what it holds. */
    case Grip = 'grip';
    case Fingers = 'fingers';
    case Seat = 'seat';
    case HipSide = 'hip-side';
    case ThighFront = 'thigh-front';
    case ThighBack = 'thigh-back';
    case Knee = 'knee';
    case InnerKnee = 'inner-knee';
    case Calf = 'calf';
    case Ankle = 'ankle';
    case Instep = 'instep';
    case Heel = 'heel';
    case Toes = 'toes';
    case Inner = 'inner-foot';
    case Outer = 'outer-foot';

    /** Words for several places at once. */
    public const TOGETHER = [
        'forearm' => [self::Elbow, self::Wrist],
        'hand' => [self::Grip],
        'foot' => [self::Heel, self::Inner, self::Outer],
        'shin' => [self::Knee, self::Instep],
        'back' => [self::Head, self::UpperBack, self::Sacrum],
        'front' => [self::ChestFront, self::Belly],
    ];

    public function segment(): Segment
    {
        return match ($this) {
            self::Head => Segment::Head,
            self::Nape, self::UpperBack, self::ChestFront, self::Ribs => Segment::Chest,
            self::MiddleBack, self::Midriff => Segment::Middle,
            self::Sacrum, self::Belly, self::Seat, self::HipSide => Segment::Pelvis,
            self::Shoulder => Segment::UpperArm,
            self::Elbow, self::Wrist => Segment::Forearm,
            self::Palm, self::Grip, self::Fingers => Segment::Hand,
            self::ThighFront, self::ThighBack => Segment::Thigh,
            self::Knee, self::InnerKnee, self::Calf => Segment::Shank,
            self::Ankle, self::Instep, self::Heel, self::Toes, self::Inner, self::Outer => Segment::Foot,
        };
    }

    /** Whether there is one on each side. */
    public function isPaired(): bool
    {
        return ! in_array($this, [self::Head, self::Nape, self::UpperBack, self::MiddleBack, self::Sacrum, self::ChestFront, self::Midriff, self::Belly], true);
    }

    /** Whether it rolls over what it lies on when the body moves, as the trunk does, instead of staying in one place. */
    public function rolls(): bool
    {
        return in_array($this, [self::Sacrum, self::MiddleBack, self::ChestFront, self::Midriff, self::Belly, self::ThighFront], true);
    }

    /** How deep its flesh gives where the floor touches it without carrying: part of stature. */
    public function softness(): float
    {
        return $this->rolls() || $this === self::Nape || $this === self::UpperBack || $this === self::Calf ? 0.015 : 0.0;
    }

    /** @return Vec from the joint of its segment, on the left */
    public function place(): array
    {
        return match ($this) {
            self::Head => [0.012, 0.0, 0.077],
            self::Nape => [-0.032, 0.0, 0.105],
            self::UpperBack => [-0.035, 0.0, 0.055],
            self::MiddleBack => [-0.014, 0.0, 0.070],
            self::Midriff => [0.028, 0.0, 0.060],
            self::Sacrum => [-0.030, 0.0, 0.025],
            self::ChestFront => [0.035, 0.0, 0.035],
            self::Belly => [0.028, 0.0, 0.045],
            self::Ribs => [0.0, 0.055, 0.02],
            self::Shoulder, self::Elbow, self::Ankle => [0.0, 0.0, 0.0],
            self::Wrist => [0.0, 0.0, -0.140],
            self::Palm => [0.0, 0.0, -0.014],
            self::Grip => [0.0, 0.0, -0.045],
            self::Fingers => [0.0, 0.0, -0.100],
            self::Seat => [-0.012, 0.045, -0.012],
            self::HipSide => [0.0, 0.060, 0.0],
            self::ThighFront => [0.008, 0.0, -0.130],
            self::ThighBack => [-0.010, 0.0, -0.120],
            self::Knee => [0.0, 0.0, 0.0],
            self::InnerKnee => [0.0, -0.012, 0.0],
            self::Calf => [-0.008, 0.0, -0.090],
            self::Instep => [0.060, 0.0, -0.012],
            self::Heel => [-0.022, 0.0, -0.025],
            self::Toes => [0.080, 0.0, -0.027],
            self::Inner => [0.080, -0.020, -0.026],
            self::Outer => [0.062, 0.024, -0.026],
        };
    }

    /** Part of stature. */
    public function radius(): float
    {
        return match ($this) {
            self::Head => 0.058,
            self::Nape, self::UpperBack, self::MiddleBack, self::ChestFront, self::Sacrum => 0.030,
            self::Midriff, self::Belly => 0.034,
            self::Ribs => 0.045,
            self::Shoulder => 0.036,
            self::Elbow => 0.022,
            self::Wrist => 0.017,
            self::Palm => 0.014,
            self::Grip, self::Fingers => 0.011,
            self::Seat => 0.038,
            self::HipSide => 0.038,
            self::ThighFront, self::ThighBack => 0.036,
            self::Knee => 0.030,
            self::InnerKnee => 0.026,
            self::Calf => 0.026,
            self::Ankle => 0.030,
            self::Instep => 0.016,
            self::Heel, self::Toes, self::Inner, self::Outer => 0.014,
        };
    }
}
