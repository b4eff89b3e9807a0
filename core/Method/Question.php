<?php

declare(strict_types=1);

namespace EvenRungs\Method;

use EvenRungs\Reason\Words;

/** A question on which schools of the trade differ, in the order they are asked in; its first answer is the default. */
enum Question: string
{
    case MovementsAllowed = 'movements-allowed';
    case SidePlankFeet = 'side-plank-feet';
    case FrontPlankNextStep = 'front-plank-next-step';
    case HoldStrategy = 'hold-strategy';
    case TooWeakForPlank = 'too-weak-for-plank';
    case Order = 'order';
    case CountingReps = 'counting-reps';
    case LeavingARung = 'leaving-a-rung';
    case LowBackFeeling = 'low-back-feeling';
    case ActivationBefore = 'activation-before';
    case Placement = 'placement';
    case Frequency = 'frequency';
    case Effort = 'effort';

    // From here on an answer changes cues only, on the sheet and the floor.
    case TrunkTechnique = 'trunk-technique';
    case LowBackLying = 'low-back-lying';
    case PelvisInPlanks = 'pelvis-in-planks';
    case ShoulderBlades = 'shoulder-blades';
    case Squeeze = 'squeeze';
    case Breathing = 'breathing';
    case Forearms = 'forearms';
    case PullInRollouts = 'pull-in-rollouts';
    case ChopsAndTurns = 'chops-and-turns';

    /** "movements allowed" */
    public function label(): string
    {
        return $this === self::LowBackFeeling ? 'felt in the wrong place' : str_replace('-', ' ', $this->value);
    }

    /** Whether an answer changes what is said, and neither rungs, doses, order nor decisions. */
    public function changesCuesOnly(): bool
    {
        return match ($this) {
            self::TrunkTechnique, self::LowBackLying, self::PelvisInPlanks, self::ShoulderBlades, self::Squeeze, self::Breathing, self::Forearms, self::PullInRollouts, self::ChopsAndTurns => true,
            default => false,
        };
    }

    /** What an answer does where it puts no rung away. */
    public function effect(Method $method): string
    {
        return match ($this) {
            self::HoldStrategy => 'Sets the default dose of holds.',
            self::TooWeakForPlank => 'Decides where a front plank under 15 s starts.',
            self::PelvisInPlanks => 'A cue in planks, and how far up the hips may stand in an alignment check.',
            self::Placement => 'Kept for the week: where core work goes. It changes nothing inside a session.',
            self::Frequency => 'Kept for the week: on how many days. It changes nothing inside a session.',
            self::Order => 'The order a session from the board begins with; the composer shows every order beside it.',
            self::CountingReps => 'How repetitions with two sides are written and read; the clock stays the same.',
            self::LowBackFeeling => 'What an exercise that is felt in the wrong place leads to. Pain acts as ever.',
            self::ActivationBefore => 'Whether the tension of activation only is advised before the rungs that stand on it, or opens them: draw-in or brace before the leg slides, the deep back before the prone ladder. It is done once the person stands above it on the activation ladder.',
            self::Effort => 'The effort a climb may have asked for, 7 or 9 of 10; how much of a timed hold training takes; a cue. Where a limit or an age asks for less, that wins and says so.',
            self::TrunkTechnique => "A cue on the sheet and the floor. The cue is: {$method->braceInWords()}.",
            self::LeavingARung => 'A climb asks for '.Words::counted($method->cleanSessionsToClimb(), 'clean session').($method->daysOnRungToClimb() === 0 ? '.' : " and {$method->daysOnRungToClimb()} days on the rung."),
            self::LowBackLying, self::ShoulderBlades, self::Squeeze, self::Breathing, self::Forearms, self::PullInRollouts, self::ChopsAndTurns => 'A cue on the sheet and the floor.',
            self::MovementsAllowed, self::SidePlankFeet, self::FrontPlankNextStep => 'All its rungs are steps of the ladder.',
        };
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
