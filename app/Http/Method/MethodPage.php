<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Shared\ChoiceView;
use App\Models\OwnMethod;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;
use EvenRungs\Method\Question;

/** The questions of the method, each with what its answer does. */
final readonly class MethodPage
{
    /**
     * @param string                $name      of the practice, the trainer or the person
     * @param Method                $inherited what holds where this level has no answer
     * @param array<string, string> $given     answers of this level, by question
     * @param string|null           $closed    why nothing can be answered at this level now
     */
    public function __construct(private Library $library, private MethodLevel $level, private string $name, private int $version, private Method $inherited, private array $given, private ?string $closed = null) {}

    public function view(): MethodView
    {
        $method = OwnMethod::onto($this->inherited, $this->given, $this->level);

        return new MethodView(level: $this->level, name: $this->name, version: $this->version, closed: $this->closed, questions: array_map(
            fn(Question $question): MethodQuestionView => new MethodQuestionView(
                question: $question->value,
                label: $question->label(),
                choices: array_map(static fn(Answer $answer): ChoiceView => new ChoiceView(value: $answer->value, label: $answer->label()), $question->answers()),
                chosen: $method->answer($question),
                given: Answer::tryFrom($this->given[$question->value] ?? ''),
                inherited: $this->inherited->said($question),
                effect: $this->effect($question, $method),
                cuesOnly: $question->changesCuesOnly(),
            ),
            Question::cases(),
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
            default => $question->effect($method),
        };
    }
}
