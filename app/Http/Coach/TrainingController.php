<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Actions\OtherTraining;
use App\Actions\TakeEvents;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\AlsoToldView;
use App\Http\Shared\DifferingSetView;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\Training;
use App\Models\TrainingSession;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use App\Records\TrainingEvents;
use EvenRungs\Calendar\Day;
use Illuminate\Http\JsonResponse;

/** What devices tell of trainings, event by event. */
final readonly class TrainingController
{
    public function __construct(private OpenPerson $open, private TakeEvents $events) {}

    #[Writes('/api/people/{person}/trainings/{training}', 'tellTraining', TakenView::class, TrainingRequest::class)]
    public function tell(Person $person, string $training, TrainingRequest $input): JsonResponse
    {
        return $this->telling($person, $training, $input);
    }

    /** Also from a person's own page. */
    public function telling(Person $person, string $training, TrainingRequest $input): JsonResponse
    {
        // What was done in a session counts, also where the session was let go of meanwhile.
        $session = TrainingSession::withTrashed()->where('person_id', $person->id)->findOrFail($input->text('session'));
        $file = $this->open->forPlanning($person->id, $input->by());
        $on = Day::parse($input->text('on'));
        try {
            [$row, $clock] = $this->events->begun($file, $session, $input->by(), $training, $input->text('device'), $on, $input->boolean('byHand') ? $on : null, $input->integer('startedAt'), $input->integer('sentAt'));
        } catch (OtherTraining) {
            throw Problem::conflict('other-log', 'A training with this number is kept for another session: nothing was stored.');
        }
        [$told, $unread] = $input->told();
        $refused = $this->events->take($file, $session, $input->by(), $row, $told);

        return new JsonResponse($this->taken($file, $row->refresh(), $clock, $told, $unread, $refused));
    }

    /** A training as it is told so far: another device goes on with it, or says which of two things it was. */
    #[Reads('/api/people/{person}/trainings/{training}', 'training', TrainingView::class)]
    public function show(Person $person, Training $training): JsonResponse
    {
        abort_unless($training->person_id === $person->id, 404);

        return new JsonResponse(new TrainingView(
            id: $training->id,
            session: $training->training_session_id,
            title: TrainingSession::withTrashed()->findOrFail($training->training_session_id)->title,
            on: $training->done_on,
            startedAt: $training->started_at,
            ended: $training->ended,
            sets: $training->sets,
            sameAs: $training->same_as,
            events: TrainingEvents::of($training),
        ));
    }

    /**
     * @param list<array<string, mixed>> $told
     * @param list<RefusedEventView>     $unread
     * @param array<string, string>      $refused
     */
    private function taken(PersonFile $file, Training $row, ?string $clock, array $told, array $unread, array $refused): TakenView
    {
        $root = $row->same_as === null ? $row : Training::query()->findOrFail($row->same_as);
        $log = SessionLog::query()->find($root->id);
        $ids = array_map(static fn(array $one): string => is_string($one['id'] ?? null) ? $one['id'] : '', $told);

        return new TakenView(
            id: $row->id,
            on: $row->done_on,
            clock: $clock,
            taken: array_values(array_diff($ids, array_keys($refused))),
            refused: [...$unread, ...array_map(static fn(string $id, string $why): RefusedEventView => new RefusedEventView($id, $why), array_keys($refused), $refused)],
            sets: $root->sets,
            ended: $root->ended,
            also: AlsoToldView::asked($row),
            differing: DifferingSetView::all($root, $file->record->library),
            log: $log === null ? null : LogView::of($log, $file),
        );
    }
}
