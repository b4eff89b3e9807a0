<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Body\Limit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;

/**
 * A state of the caution table that rules rungs out or limits dose. Values are stored: never renamed.
 * Common caution of the trade; local rules and the advice of a licensed professional come first.
 */
enum State: string
{
    case ShoulderPain = 'shoulder-pain';
    case WristPain = 'wrist-pain';
    case KneelingPain = 'kneeling-pain';
    case NeckPain = 'neck-pain';
    case BackWorseBending = 'back-worse-bending';
    case BackWorseArching = 'back-worse-arching';
    case Osteoporosis = 'osteoporosis';
    case RaisedPressure = 'raised-pressure';
    case Pregnancy = 'pregnancy-20-weeks';
    case HipPinch = 'hip-pinch';

    public function label(): string
    {
        return match ($this) {
            self::ShoulderPain => 'shoulder pain',
            self::WristPain => 'wrist pain',
            self::KneelingPain => 'knee pain when kneeling',
            self::NeckPain => 'neck pain',
            self::BackWorseBending => 'back pain worse bending',
            self::BackWorseArching => 'back pain worse arching',
            self::Osteoporosis => 'osteoporosis',
            self::RaisedPressure => 'raised pressure, heart, glaucoma or retina trouble',
            self::Pregnancy => 'pregnancy from 20 weeks',
            self::HipPinch => 'hip pinch',
        };
    }

    /** Whether left and right can differ. */
    public function isSided(): bool
    {
        return in_array($this, [self::ShoulderPain, self::WristPain, self::KneelingPain, self::HipPinch], true);
    }

    public function limit(Side $side): Limit
    {
        $side = $this->isSided() ? $side : Side::Both;
        $name = $side === Side::Both ? $this->label() : "{$this->label()}, {$side->value}";

        return new Limit($name, $this->highest(), $this->excluded(), $side, $this->caution(), $this === self::RaisedPressure ? 10 : null);
    }

    /** @return array<string, int> */
    private function highest(): array
    {
        return match ($this) {
            self::ShoulderPain => [Load::Shoulder->value => 0, Load::Overhead->value => 0],
            self::WristPain => [Load::Wrist->value => 0],
            self::KneelingPain => [Load::Kneeling->value => 0],
            self::NeckPain => [Load::Neck->value => 0],
            self::BackWorseBending => [Load::TrunkFlexion->value => 0],
            self::BackWorseArching => [Load::TrunkExtension->value => 0, Load::Overhead->value => 0],
            self::Osteoporosis => [Load::TrunkFlexion->value => 0, Load::Twisting->value => 1],
            self::RaisedPressure => [Load::LongStrain->value => 0, Load::HeadDown->value => 0],
            self::Pregnancy => [Load::LongStrain->value => 0],
            self::HipPinch => [Load::HipFlexor->value => 1],
        };
    }

    /** @return list<Position> */
    private function excluded(): array
    {
        return match ($this) {
            self::ShoulderPain => [Position::Hanging],
            self::KneelingPain => [Position::AllFours, Position::Kneeling, Position::HalfKneeling],
            self::Pregnancy => [Position::Prone, Position::Hanging],
            default => [],
        };
    }

    private function caution(): string
    {
        return match ($this) {
            self::ShoulderPain => 'Keep weight off the sore shoulder: back-lying, band, bridge or carry work instead.',
            self::WristPain => 'No weight on a flat hand: fists or forearms.',
            self::KneelingPain => 'No kneeling or all fours without a thick pad: back-lying or standing instead.',
            self::NeckPain => 'Head supported, chin tucked, no head-lift.',
            self::BackWorseBending => 'No loaded or end-range bending, and none in the first hour after rising.',
            self::BackWorseArching => 'Stop short of arching in every exercise, bridges included.',
            self::Osteoporosis => 'No loaded bending or turning; rise by rolling to the side, with something to hold for balance.',
            self::RaisedPressure => 'Breathe all the time; no hold over 10 s at effort 7 or more; at 160/100 and above a clinician’s word first.',
            self::Pregnancy => 'At most two minutes at a time on the back, none if dizzy; doming of the belly ends the set.',
            self::HipPinch => 'No knee raises, folds or 90/90 holds; stop before the pinch.',
        };
    }
}
