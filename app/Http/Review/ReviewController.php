<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Actions\DecideRung;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\PageRequest;
use App\Models\Decision;
use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use EvenRungs\Body\Side;
use EvenRungs\Person\PendingDecision;
use EvenRungs\Progress\Decision as ProgressDecision;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final readonly class ReviewController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/review', 'review', ReviewView::class)]
    public function show(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new ReviewPage($this->open->of($person, $user)))->view());
    }

    /** What was decided before, page by page. */
    #[Reads('/api/people/{person}/decisions', 'decisions', DecisionsView::class, queries: ['after'])]
    public function index(Person $person, PageRequest $input): JsonResponse
    {
        return new JsonResponse((new ReviewPage($this->open->of($person, $input->by())))->decisions($input->page()));
    }

    #[Writes('/api/people/{person}/decisions', 'decide', DecisionView::class, DecisionRequest::class, 201)]
    public function store(Person $person, DecisionRequest $input, DecideRung $decide): JsonResponse
    {
        $file = $this->open->of($person, $input->by());
        $decision = Decision::query()->where('person_id', $person->id)->find($input->text('id'));
        if ($decision === null) {
            Problem::whenClosed($file->record->admission());
            $pending = array_values(array_filter($file->record->judgement()->pending(), static fn(PendingDecision $pending): bool => $pending->log->id === $input->text('log')
                && $pending->ladder->slug === $input->text('ladder')
                && $pending->side === Side::from($input->text('side'))));
            if ($pending === []) {
                throw Problem::conflict('decided', 'This decision no longer waits: it was taken, or the person was moved in the meantime.');
            }
            $choice = ProgressDecision::from($input->text('choice'));
            if ($choice !== $pending[0]->proposal->choice && $input->text('reason') === '') {
                throw Problem::field('reason', 'You decide otherwise than the rules propose: say why, it is kept with the decision.');
            }
            $decision = $decide->decide($file, $pending[0], $choice, $input->text('reason'), $input->by(), $input->text('id'));
        }

        return new JsonResponse((new ReviewPage($file))->decision($decision), 201);
    }

    /** Takes a decision back; it stays in the history, marked, and the rung it moved goes back. Asked twice, it answers as the first time. */
    #[Writes('/api/people/{person}/decisions/{decision}/take-back', 'takeDecisionBack', DecisionView::class)]
    public function takeBack(Person $person, Decision $decision, #[CurrentUser] User $user, DecideRung $decide): JsonResponse
    {
        abort_unless($decision->person_id === $person->id, 404);
        $page = new ReviewPage($this->open->of($person, $user));
        if ($decision->taken_back_at === null && ! $page->decision($decision)->canTakeBack) {
            throw Problem::conflict('not-to-be-taken-back', 'This is a referral of an earlier day: only a clinician’s clearance opens training again.');
        }

        return new JsonResponse($page->decision($decision, $decide->takeBack($decision)));
    }
}
