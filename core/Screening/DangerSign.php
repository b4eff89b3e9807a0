<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

/**
 * Danger signs to ask for before any training (general knowledge, wording ours). Never a diagnosis.
 * The values are kept with stored answers: never renamed.
 */
enum DangerSign: string
{
    case SaddleNumbness = 'saddle-numbness';
    case LegWeakness = 'leg-weakness';
    case ChestPressure = 'chest-pressure';
    case WorstHeadache = 'worst-headache';
    case TearingPain = 'tearing-pain';
    case HardHernia = 'hard-hernia';
    case PregnancyBleeding = 'pregnancy-bleeding';
    case FeverWithBackPain = 'fever-with-back-pain';
    case PainAfterFall = 'pain-after-fall';
    case SwollenCalf = 'swollen-calf';
    case ClumsyHands = 'clumsy-hands';
    case UnwellWithBackPain = 'unwell-with-back-pain';
    case NightPain = 'night-pain';
    case LegPain = 'leg-pain';
    case KnownDisease = 'known-disease';
    case HighPressure = 'high-pressure';
    case Surgery = 'surgery';
    case AfterBirth = 'after-birth';
    case YoungBackPain = 'young-back-pain';

    public function urgency(): Urgency
    {
        return match ($this) {
            self::SaddleNumbness, self::LegWeakness, self::ChestPressure, self::WorstHeadache, self::TearingPain, self::HardHernia, self::PregnancyBleeding => Urgency::Emergency,
            self::FeverWithBackPain, self::PainAfterFall, self::SwollenCalf, self::ClumsyHands => Urgency::SameDay,
            default => Urgency::BeforeTraining,
        };
    }

    public function question(): string
    {
        return match ($this) {
            self::SaddleNumbness => 'Numbness around the saddle, or a new change in bladder, bowel or sexual function?',
            self::LegWeakness => 'New weakness in both legs, weakness that grows, or a foot that drops?',
            self::ChestPressure => 'Pressure in chest, jaw or arm, fainting, or out of breath at light effort?',
            self::WorstHeadache => 'The worst headache ever, suddenly; double vision, slurred speech or sudden drops to the floor?',
            self::TearingPain => 'Sudden tearing pain in the back or belly?',
            self::HardHernia => 'A hernia that has turned hard and painful?',
            self::PregnancyBleeding => 'Pregnant, with bleeding, loss of fluid or painful contractions?',
            self::FeverWithBackPain => 'Fever together with back pain?',
            self::PainAfterFall => 'Back pain after a fall, or after slight strain with brittle bones or long steroid use?',
            self::SwollenCalf => 'One calf swollen and hot?',
            self::ClumsyHands => 'Hands grown clumsy, or an unsteady walk?',
            self::UnwellWithBackPain => 'New back pain with a history of cancer, weight loss or low immunity?',
            self::NightPain => 'Constant pain at night?',
            self::LegPain => 'Leg pain below the knee with numbness, or worse with training?',
            self::KnownDisease => 'Heart, metabolic or kidney disease without a clinician’s clearance?',
            self::HighPressure => 'Resting blood pressure of 180/110 or more?',
            self::Surgery => 'Surgery, a caesarean included, not yet cleared for training?',
            self::AfterBirth => 'Less than six weeks since giving birth?',
            self::YoungBackPain => 'Under 18, with back pain for over two weeks, or worse on arching or landing?',
        };
    }
}
