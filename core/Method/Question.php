<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/** A question on which schools of the trade differ; the first choice is the default. */
enum Question: string
{
    case TrunkTechnique = 'trunk-technique';
    case LowBackLying = 'low-back-lying';
    case PelvisInPlanks = 'pelvis-in-planks';
    case ShoulderBlades = 'shoulder-blades';
    case Squeeze = 'squeeze';
    case Breathing = 'breathing';
    case SidePlankFeet = 'side-plank-feet';
    case Forearms = 'forearms';
    case HoldStrategy = 'hold-strategy';
    case TooWeakForPlank = 'too-weak-for-plank';
    case FrontPlankNextStep = 'front-plank-next-step';
    case MovementsAllowed = 'movements-allowed';
    case ChopsAndTurns = 'chops-and-turns';
    case Effort = 'effort';
    case LowBackFeeling = 'low-back-feeling';
    case Placement = 'placement';
    case Frequency = 'frequency';
    case Order = 'order';
    case CountingReps = 'counting-reps';
    case LeavingARung = 'leaving-a-rung';

    /** "movements allowed" */
    public function label(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** @return non-empty-list<string> the default first */
    public function choices(): array
    {
        return match ($this) {
            self::TrunkTechnique => ['brace all round', 'draw the navel in', 'draw in for activation, brace under load'],
            self::LowBackLying => ['natural arch', 'pressed flat'],
            self::PelvisInPlanks => ['neutral line', 'tucked', 'hips slightly high'],
            self::ShoulderBlades => ['neutral', 'down and back', 'pushed away'],
            self::Squeeze => ['about a third', 'as tight as possible'],
            self::Breathing => ['out on effort', 'in on the reach', 'small sips in holds'],
            self::SidePlankFeet => ['top foot in front', 'stacked', 'by ability'],
            self::Forearms => ['parallel', 'joined'],
            self::HoldStrategy => ['short repeated', 'capped at 30 s then move', 'long holds to 120 s'],
            self::TooWeakForPlank => ['knees until about a minute', 'short bouts on the toes'],
            self::FrontPlankNextStep => ['movement on forearms', 'hands after forearms'],
            self::MovementsAllowed => ['resist movement only', 'also extension lifts', 'also trained flexion, rotation, side-bending'],
            self::ChopsAndTurns => ['trunk still, hips turn', 'trunk turns'],
            self::Effort => ['stop at first loss of form, leave reserve', 'near the limit in short bursts'],
            self::LowBackFeeling => ['step down', 'rest and go on (safety rules stand)'],
            self::Placement => ['finisher', 'primer', 'own day', 'mixed'],
            self::Frequency => ['2–3 days', 'short daily', 'rest when sore'],
            self::Order => ['base first', 'carry first', 'bottom-up', 'fewest moves', 'weakest first'],
            self::CountingReps => ['each side', 'a pair is one', 'every movement'],
            self::LeavingARung => ['two clean sessions and a week', 'as soon as clean', 'one to two weeks’ practice, then try'],
        };
    }
}
