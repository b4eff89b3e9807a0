<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Question;
use EvenRungs\Person\SessionStart;
use EvenRungs\Session\MethodTrial;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionText;
use EvenRungs\Session\Totals;

/** A person's newest session, or the one their board gives, under every choice of the method. */
final readonly class MethodTrialPage
{
    public function __construct(private PersonFile $file) {}

    public function view(): MethodTrialView
    {
        /** @var TrainingSession|null $row */
        $row = $this->file->person->trainingSessions()->first();
        $blocks = $row?->inCore()->blocks ?? SessionStart::fromBoard($this->file->record)->blocks;
        $session = $this->file->record->read($blocks)->session;
        $title = $row->title ?? 'The session from the board';

        return new MethodTrialView(
            name: $this->file->person->name,
            title: $title,
            totalText: $session === null ? '' : Totals::clock($session->timeline()->totals()->total()),
            text: $session === null ? '' : SessionText::print($session, $this->file->record->method),
            questions: $session === null ? [] : array_map(fn(Question $question): QuestionTrialView => $this->question($question, $session), Question::cases()),
        );
    }

    private function question(Question $question, Session $session): QuestionTrialView
    {
        $now = $this->file->record->circumstances();
        $heights = $this->file->record->evenness()->heights;

        return new QuestionTrialView(question: $question->value, choices: array_map(function (Answer $answer) use ($session, $now, $heights): ChoiceTrialView {
            $method = $now->method->with($answer);
            $trial = MethodTrial::of($session, $now, $now->under($method), $this->file->record->library, $heights, $this->file->record->standIns());

            return new ChoiceTrialView(
                choice: $answer,
                changes: $trial->changes,
                totalText: $trial->after === null ? '' : Totals::clock($trial->after->timeline()->totals()->total()),
                text: $trial->after === null ? '' : SessionText::print($trial->after, $method),
            );
        }, $question->answers()));
    }
}
