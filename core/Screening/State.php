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
        return $this->row()->label;
    }

    /** Follows from the birth year and is not ticked. */
    public function isByAge(): bool
    {
        return $this->row()->byAge;
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
        return $this->row()->sided;
    }

    /** Whether a clinician's clearance opens part of what the state closes: loaded carries and lifts with a hernia. */
    public function canBeCleared(): bool
    {
        return $this->row()->clearable;
    }

    /**
     * @param string $origin  where it comes from, such as "noted on 12 November"
     * @param bool   $cleared a clearance that holds today covers what the state keeps for one
     * @param string $noted   which note of the person's it is; empty where it was not noted
     */
    public function limit(Side $side, string $origin = '', bool $cleared = false, string $noted = ''): Limit
    {
        $row = $this->row();
        $side = $row->sided ? $side : Side::Both;

        return new Limit(
            $side === Side::Both ? $row->label : "{$row->label}, {$side->value}",
            $row->highest,
            $row->excluded,
            $side,
            $row->caution,
            $origin,
            $row->caps,
            noWeights: $row->clearable && ! $cleared,
            watchesDoming: $row->watchesDoming,
            rungsLower: $row->rungsLower,
            lowerOn: $row->lowerOn,
            fewPositions: $row->fewPositions,
            highestEffort: $row->highestEffort,
            mostDays: $row->mostDays,
            wantsSupport: $row->wantsSupport,
            noted: $noted,
            asksClinician: $row->asksClinician,
        );
    }

    /** The caution table: all there is to say of a state stands in its row. */
    private function row(): Caution
    {
        return match ($this) {
            self::ShoulderPain => new Caution(
                'shoulder pain',
                'Keep weight off the sore shoulder: back-lying, band, bridge or carry work instead.',
                sided: true,
                highest: [Load::Shoulder->value => 0, Load::Overhead->value => 0],
                excluded: [Position::Hanging],
            ),
            self::WristPain => new Caution(
                'wrist pain',
                'No weight on a flat hand: fists or forearms.',
                sided: true,
                highest: [Load::Wrist->value => 0],
            ),
            self::KneelingPain => new Caution(
                'knee pain when kneeling',
                'No kneeling or all fours without a thick pad: back-lying or standing instead.',
                sided: true,
                highest: [Load::Kneeling->value => 0],
                excluded: [Position::AllFours, Position::Kneeling, Position::HalfKneeling],
            ),
            self::NeckPain => new Caution(
                'neck pain',
                'Head supported, chin tucked, no head-lift.',
                highest: [Load::Neck->value => 0],
            ),
            self::BackWorseBending => new Caution(
                'back pain worse bending',
                'No loaded or end-range bending, and none in the first hour after rising.',
                highest: [Load::TrunkFlexion->value => 0],
            ),
            self::BackWorseArching => new Caution(
                'back pain worse arching',
                'Stop short of arching in every exercise, bridges included.',
                highest: [Load::TrunkExtension->value => 0, Load::Overhead->value => 0],
            ),
            self::Osteoporosis => new Caution(
                'osteoporosis',
                'No head-lift, no loaded bending or turning. On the floor only where getting down and up is safe: rise by rolling to the side, with something to hold for balance. After a broken vertebra only what a clinician’s scope names.',
                highest: [Load::Neck->value => 0, Load::TrunkFlexion->value => 0, Load::Twisting->value => 1],
                asksClinician: true,
            ),
            self::RaisedPressure => new Caution(
                'raised pressure, heart, glaucoma or retina trouble',
                'Breathe all the time; no hold over 10 s at effort 7 or more; at 160/100 and above a clinician’s word first.',
                highest: [Load::LongStrain->value => 0, Load::HeadDown->value => 0],
                caps: [DoseCap::onHolds(10, 'at effort 7 or more')],
                asksClinician: true,
            ),
            self::Pregnancy => new Caution(
                'pregnancy from 20 weeks',
                'At most two minutes at a time on the back, rests on the side, none if dizzy; doming of the belly ends the set.',
                highest: [Load::LongStrain->value => 0],
                excluded: [Position::Prone, Position::Hanging],
                caps: [DoseCap::inPosition(120, Position::Supine)],
                watchesDoming: true,
            ),
            self::AbdominalSeparation => new Caution(
                'abdominal wall separation',
                'Doming along the middle of the belly ends the set: rollouts, hollow holds and planks on the toes only while it stays flat.',
                watchesDoming: true,
            ),
            self::Hernia => new Caution(
                'hernia',
                'Doming or bulging ends the set; loaded carries and lifts wait for a clinician’s clearance.',
                clearable: true,
                watchesDoming: true,
                asksClinician: true,
            ),
            self::PelvicFloor => new Caution(
                'pelvic-floor leak or heaviness',
                'A rung lower, breathe out on the effort; leaking or heaviness ends the set. A pelvic-health specialist’s advice helps here.',
                highest: [Load::LongStrain->value => 0],
                rungsLower: 1,
            ),
            self::HipPinch => new Caution(
                'hip pinch',
                'No knee raises, folds or 90/90 holds; stop before the pinch.',
                sided: true,
                highest: [Load::HipFlexor->value => 1],
            ),
            self::HamstringCramp => new Caution(
                'hamstring cramp in bridges',
                'Heels nearer to the seat, shorter marches, lower height; squeeze the seat before the lift.',
                caps: [DoseCap::onHolds(5, demand: Demand::HipStability)],
                rungsLower: 1,
                lowerOn: [Demand::HipStability],
            ),
            self::Dizziness => new Caution(
                'dizziness changing position',
                'Change position slowly and seldom; wait until the room is still before the next one.',
                highest: [Load::HeadDown->value => 0],
                fewPositions: true,
            ),
            self::Under16 => new Caution(
                'under 16',
                'Technique first, effort at most 6 of 10, on two or three days a week that do not follow each other.',
                byAge: true,
                highestEffort: 6,
                mostDays: 3,
            ),
            self::Under18 => new Caution(
                'under 18',
                'Technique first, effort at most 7 of 10, on two or three days a week that do not follow each other.',
                byAge: true,
                highestEffort: 7,
                mostDays: 3,
            ),
            self::Over65 => new Caution(
                'over 65',
                'Chair and wall versions are offered first; something to hold for balance when standing.',
                byAge: true,
                wantsSupport: true,
            ),
        };
    }
}
