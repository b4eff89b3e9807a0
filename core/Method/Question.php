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

    /** @return non-empty-list<Answer> the default first */
    public function answers(): array
    {
        return self::table()[$this->value];
    }

    /** @return array<string, non-empty-list<Answer>> by question */
    private static function table(): array
    {
        /** @var array<string, non-empty-list<Answer>>|null $table */
        static $table = null;
        if ($table === null) {
            $table = [];
            foreach (Answer::cases() as $answer) {
                $table[$answer->question()->value][] = $answer;
            }
        }

        return $table;
    }
}
