<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Body\Demand;
use EvenRungs\Body\DoseCap;
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
    case AbdominalSeparation = 'abdominal-wall-separation';
    case Hernia = 'hernia';
    case PelvicFloor = 'pelvic-floor';
    case HipPinch = 'hip-pinch';
    case HamstringCramp = 'hamstring-cramp';
    case Dizziness = 'dizziness';
    case Under16 = 'under-16';
    case Under18 = 'under-18';
    case Over65 = 'over-65';

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
            self::AbdominalSeparation => 'abdominal wall separation',
            self::Hernia => 'hernia',
            self::PelvicFloor => 'pelvic-floor leak or heaviness',
            self::HipPinch => 'hip pinch',
            self::HamstringCramp => 'hamstring cramp in bridges',
            self::Dizziness => 'dizziness changing position',
            self::Under16 => 'under 16',
            self::Under18 => 'under 18',
            self::Over65 => 'over 65',
        };
    }

    /** Follows from the birth year and is not ticked. */
    public function isByAge(): bool
    {
        return in_array($this, [self::Under16, self::Under18, self::Over65], true);
    }

    /**
     * The states that follow from a birth year. Only the year is kept, so the age is known to within one:
     * the more careful end counts.
     *
     * @return list<self>
     */
    public static function ofAge(int $birthYear, int $thisYear): array
    {
        $turns = $thisYear - $birthYear;

        return match (true) {
            $turns <= 16 => [self::Under16],
            $turns <= 18 => [self::Under18],
            $turns >= 66 => [self::Over65],
            default => [],
        };
    }

    /** Whether left and right can differ. */
    public function isSided(): bool
    {
        return in_array($this, [self::ShoulderPain, self::WristPain, self::KneelingPain, self::HipPinch], true);
    }

    /** Whether a clinician's clearance opens part of what the state closes: loaded carries and lifts with a hernia. */
    public function canBeCleared(): bool
    {
        return $this === self::Hernia;
    }

    /**
     * @param string $origin  where it comes from, such as "noted on 12 November"
     * @param bool   $cleared a clearance that holds today covers what the state keeps for one
     */
    public function limit(Side $side, string $origin = '', bool $cleared = false): Limit
    {
        $side = $this->isSided() ? $side : Side::Both;
        $name = $side === Side::Both ? $this->label() : "{$this->label()}, {$side->value}";

        return new Limit(
            $name,
            $this->highest(),
            $this->excluded(),
            $side,
            $this->caution(),
            $origin,
            $this->caps(),
            noWeights: $this->canBeCleared() && ! $cleared,
            watchesDoming: in_array($this, [self::Pregnancy, self::AbdominalSeparation, self::Hernia], true),
            rungsLower: in_array($this, [self::PelvicFloor, self::HamstringCramp], true) ? 1 : 0,
            lowerOn: $this === self::HamstringCramp ? [Demand::HipStability] : [],
            fewPositions: $this === self::Dizziness,
            highestEffort: $this === self::Under16 ? 6 : null,
            mostDays: $this === self::Under16 || $this === self::Under18 ? 3 : null,
            wantsSupport: $this === self::Over65,
        );
    }

    /** @return list<DoseCap> */
    private function caps(): array
    {
        return match ($this) {
            self::RaisedPressure => [DoseCap::onHolds(10, 'at effort 7 or more')],
            self::Pregnancy => [DoseCap::inPosition(120, Position::Supine)],
            self::HamstringCramp => [DoseCap::onHolds(5, demand: Demand::HipStability)],
            default => [],
        };
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
            self::PelvicFloor => [Load::LongStrain->value => 0],
            self::HipPinch => [Load::HipFlexor->value => 1],
            self::Dizziness => [Load::HeadDown->value => 0],
            default => [],
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
            self::AbdominalSeparation => 'Doming along the middle of the belly ends the set: rollouts, hollow holds and planks on the toes only while it stays flat.',
            self::Hernia => 'Doming or bulging ends the set; loaded carries and lifts wait for a clinician’s clearance.',
            self::PelvicFloor => 'A rung lower, breathe out on the effort; leaking or heaviness ends the set. A pelvic-health specialist’s advice helps here.',
            self::HipPinch => 'No knee raises, folds or 90/90 holds; stop before the pinch.',
            self::HamstringCramp => 'Heels nearer to the seat, shorter marches, lower height; squeeze the seat before the lift.',
            self::Dizziness => 'Change position slowly and seldom; wait until the room is still before the next one.',
            self::Under16 => 'Technique first, effort at most 6 of 10, on two or three days a week that do not follow each other.',
            self::Under18 => 'Technique first, on two or three days a week that do not follow each other.',
            self::Over65 => 'Chair and wall versions are offered first; something to hold for balance when standing.',
        };
    }
}
