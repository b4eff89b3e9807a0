<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ChoiceView;
use App\Models\Practice;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;

/** The questions of the method, each with what its answer does. */
final readonly class MethodPage
{
    /** In the order of the screen. */
    public const QUESTIONS = [
        Question::MovementsAllowed, Question::SidePlankFeet, Question::FrontPlankNextStep, Question::HoldStrategy, Question::TooWeakForPlank,
        Question::Order, Question::CountingReps, Question::LeavingARung, Question::LowBackFeeling, Question::Placement, Question::Frequency, Question::Effort,
        Question::TrunkTechnique, Question::LowBackLying, Question::PelvisInPlanks, Question::ShoulderBlades, Question::Squeeze,
        Question::Breathing, Question::Forearms, Question::ChopsAndTurns,
    ];

    private const CUES = [Question::LowBackLying, Question::ShoulderBlades, Question::Squeeze, Question::Breathing, Question::Forearms, Question::ChopsAndTurns];

    public function __construct(private Library $library, private Practice $practice) {}

    public function view(): MethodView
    {
        $method = $this->practice->method();

        return new MethodView(version: $this->practice->method_version, questions: array_map(
            fn(Question $question): MethodQuestionView => new MethodQuestionView(question: $question->value, label: $question->label(), choices: array_map(static fn(Answer $answer): ChoiceView => new ChoiceView(value: $answer->value, label: $answer->label()), $question->answers()), chosen: $method->answer($question), effect: $this->effect($question, $method)),
            self::QUESTIONS,
        ));
    }

    private function effect(Question $question, Method $method): string
    {
        $rungs = [];
        foreach ($this->library->ladders() as $ladder) {
            $rungs = [...$rungs, ...$ladder->rungs];
        }
        $asked = array_filter($rungs, static fn(Rung $rung): bool => $rung->offeredWith?->question === $question);
        $away = array_filter($asked, static fn(Rung $rung): bool => $rung->offeredWith?->include($method) === false);
        $passedBy = array_filter($rungs, static fn(Rung $rung): bool => $rung->trunkWith?->question === $question && ! $rung->inTrunk($method));
        $names = static fn(array $rungs): string => implode(', ', array_map(static fn(Rung $rung): string => "“{$rung->name}”", array_slice(array_values($rungs), 0, 3))).(count($rungs) > 3 ? ' and more.' : '.');
        $cue = $question === Question::TrunkTechnique ? " The cue is: {$method->braceInWords()}." : '';

        return match (true) {
            $away !== [] => 'Puts away '.count($away).' '.(count($away) === 1 ? 'rung' : 'rungs').': '.$names($away).$cue,
            $asked !== [] => 'All rungs are offered.'.$cue,
            $passedBy !== [] => 'Climbing passes by '.rtrim($names($passedBy), '.').'; it stands beside the ladder.',
            $question === Question::HoldStrategy => 'Sets the default dose of holds.',
            $question === Question::TooWeakForPlank => 'Decides where a front plank under 15 s starts.',
            $question === Question::PelvisInPlanks => 'A cue in planks, and how far up the hips may stand in an alignment check.',
            $question === Question::Placement => 'Kept for the week: where core work goes. It changes nothing inside a session.',
            $question === Question::Frequency => 'Kept for the week: on how many days. It changes nothing inside a session.',
            $question === Question::Order => 'The order a session from the board begins with; the composer shows every order beside it.',
            $question === Question::CountingReps => 'How repetitions with two sides are written and read; the clock stays the same.',
            $question === Question::LowBackFeeling => 'What a low back that is felt in front work leads to. Pain acts as ever.',
            $question === Question::Effort => 'A cue on the sheet and the floor. Where a limit asks for less, the limit wins and says so.',
            $question === Question::TrunkTechnique, in_array($question, self::CUES, true) => 'A cue on the sheet and the floor.'.$cue,
            $question === Question::LeavingARung => "A climb asks for {$method->cleanSessionsToClimb()} clean sessions and {$method->daysOnRungToClimb()} days on the rung.",
            default => 'All its rungs are steps of the ladder.',
        };
    }
}
