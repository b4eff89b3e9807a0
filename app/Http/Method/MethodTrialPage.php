<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Http\Session\SessionPage;
use App\Models\TrainingSession;
use App\Records\Dossier;
use App\Records\SessionStart;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Question;
use EvenRungs\Session\MethodTrial;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionText;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenBlock;

/** A person's newest session, or the one their board gives, under every choice of the method. */
final readonly class MethodTrialPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): MethodTrialView
    {
        $page = new SessionPage($this->dossier);
        /** @var TrainingSession|null $row */
        $row = $this->dossier->person->trainingSessions()->first();
        $blocks = $row === null ? SessionStart::fromBoard($this->dossier)->blocks : array_map(WrittenBlock::read(...), $row->blocks);
        $session = $page->read($blocks)->session;
        $title = $row->title ?? 'The session from the board';

        return new MethodTrialView(
            $title,
            $session === null ? '' : Totals::clock($session->timeline()->totals()->total()),
            $session === null ? '' : SessionText::print($session, $this->dossier->method()),
            $session === null ? [] : array_map(fn(Question $question): QuestionTrialView => $this->question($question, $session), MethodPage::QUESTIONS),
        );
    }

    private function question(Question $question, Session $session): QuestionTrialView
    {
        $now = $this->dossier->circumstances();
        $heights = $this->dossier->evenness()->heights;

        return new QuestionTrialView($question->value, array_map(function (string $choice) use ($question, $session, $now, $heights): ChoiceTrialView {
            $method = $now->method->with($question, $choice);
            $trial = MethodTrial::of($session, $now, new Circumstances($now->limits, $now->kit, $method), $this->dossier->library, $heights);

            return new ChoiceTrialView(
                $choice,
                $trial->changes,
                $trial->after === null ? '' : Totals::clock($trial->after->timeline()->totals()->total()),
                $trial->after === null ? '' : SessionText::print($trial->after, $method),
            );
        }, $question->choices()));
    }
}
