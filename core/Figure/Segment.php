<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * The parts of the body that are rigid in themselves: sixteen with both sides.
 *
 * Lengths as parts of stature: limbs after Drillis and Contini 1966, trunk, head and hands after de Leva 1996, whose
 * means of women and men also give masses and centres (values from memory of the sources). Where joint centres lie
 * between the outer breadths of shoulders and hips is our own choice.
 *
 * @phpstan-import-type Vec from Vector
 */
enum Segment: string
{
    case Pelvis = 'pelvis';
    case Middle = 'middle';
    case Chest = 'chest';
    case Head = 'head';
    case UpperArm = 'upper-arm';
    case Forearm = 'forearm';
    case Hand = 'hand';
    case Thigh = 'thigh';
    case Shank = 'shank';
    case Foot = 'foot';

    public function isPaired(): bool
    {
        return ! in_array($this, [self::Pelvis, self::Middle, self::Chest, self::Head], true);
    }

    /** From the joint above to the next, or to the end, as a part of stature. */
    public function length(): float
    {
        return match ($this) {
            self::Pelvis => 0.0941,
            self::Middle => 0.1211,
            self::Chest => 0.1352,
            self::Head => 0.140,
            self::UpperArm => 0.186,
            self::Forearm => 0.146,
            self::Hand => 0.108,
            self::Thigh => 0.245,
            self::Shank => 0.246,
            self::Foot => 0.152,
        };
    }

    /** Of the whole body, between 0 and 1. */
    public function mass(): float
    {
        return match ($this) {
            self::Pelvis => 0.1182,
            self::Middle => 0.1549,
            self::Chest => 0.15705,
            self::Head => 0.0681,
            self::UpperArm => 0.0263,
            self::Forearm => 0.0150,
            self::Hand => 0.00585,
            self::Thigh => 0.1447,
            self::Shank => 0.0457,
            self::Foot => 0.0133,
        };
    }

    /**
     * From the joint it turns at, in its own axes when standing.
     *
     * @return Vec
     */
    public function centre(): array
    {
        return match ($this) {
            self::Pelvis => [0.0, 0.0, 0.0422],
            self::Middle => [0.0, 0.0, 0.0665],
            self::Chest => [0.0, 0.0, 0.0672],
            self::Head => [0.012, 0.0, 0.0711],
            self::UpperArm => [0.0, 0.0, -0.1072],
            self::Forearm => [0.0, 0.0, -0.0667],
            self::Hand => [0.0, 0.0, -0.0363],
            self::Thigh => [0.0, 0.0, -0.0944],
            self::Shank => [0.0, 0.0, -0.1092],
            self::Foot => [0.029, 0.0, -0.020],
        };
    }

    /** What it hangs on; the pelvis on nothing. */
    public function parent(): ?self
    {
        return match ($this) {
            self::Pelvis => null,
            self::Middle, self::Thigh => self::Pelvis,
            self::Chest => self::Middle,
            self::Head, self::UpperArm => self::Chest,
            self::Forearm => self::UpperArm,
            self::Hand => self::Forearm,
            self::Shank => self::Thigh,
            self::Foot => self::Shank,
        };
    }

    /**
     * Where it turns, from the joint of its parent; of paired ones on the left.
     *
     * @return Vec
     */
    public function root(): array
    {
        return match ($this) {
            self::Pelvis => [0.0, 0.0, 0.0],
            self::Middle => [0.0, 0.0, self::Pelvis->length()],
            self::Chest => [0.0, 0.0, self::Middle->length()],
            self::Head => [-0.012, 0.0, self::Chest->length()],
            self::UpperArm => [0.0, 0.107, 0.0763],
            self::Forearm => [0.0, 0.0, -self::UpperArm->length()],
            self::Hand => [0.0, 0.0, -self::Forearm->length()],
            self::Thigh => [0.0, 0.052, 0.0],
            self::Shank => [0.0, 0.0, -self::Thigh->length()],
            self::Foot => [0.0, 0.0, -self::Shank->length()],
        };
    }

    public function joint(): ?Joint
    {
        return match ($this) {
            self::Pelvis => null,
            self::Middle => Joint::LowBack,
            self::Chest => Joint::MidBack,
            self::Head => Joint::Neck,
            self::UpperArm => Joint::Shoulder,
            self::Forearm => Joint::Elbow,
            self::Hand => Joint::Wrist,
            self::Thigh => Joint::Hip,
            self::Shank => Joint::Knee,
            self::Foot => Joint::Ankle,
        };
    }
}
