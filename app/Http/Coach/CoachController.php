<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Actions\RecordLog;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\SavedView;
use App\Models\Morning;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What was done: the log of a session, and how it was the next morning. */
final readonly class CoachController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/sessions/{session}/cues', 'cueSheet', CueSheetView::class)]
    public function cues(Person $person, TrainingSession $session, #[CurrentUser] User $user): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $this->open->of($person, $user);
        Problem::whenClosed($file->record->admission());

        return new JsonResponse((new CoachPage($file, $session))->cueSheet());
    }

    #[Writes('/api/people/{person}/logs', 'logSession', LogView::class, LogRequest::class, 201)]
    public function store(Person $person, LogRequest $input, RecordLog $record): JsonResponse
    {
        $log = SessionLog::query()->find($input->text('id'));
        if ($log === null) {
            $file = $this->open->forPlanning($person->id, $input->by());
            Problem::whenClosed($file->record->admission());
            $session = TrainingSession::query()->where('person_id', $person->id)->findOrFail($input->text('session'));
            $log = $record->record($file, $session, $input->by(), $input->text('id'), $input->input('seconds') === null ? null : $input->integer('seconds'), $input->sets());
        }

        return new JsonResponse(new LogView(id: $log->id, title: $log->title, doneOn: $log->done_on, sets: $log->sets()->count()), 201);
    }

    #[Writes('/api/people/{person}/mornings', 'tellMorning', SavedView::class, MorningRequest::class, 201)]
    public function morning(Person $person, MorningRequest $input): JsonResponse
    {
        $log = SessionLog::query()->where('person_id', $person->id)->findOrFail($input->text('log'));
        $clock = PracticeClock::of($input->by());
        $morning = Morning::query()->firstOrCreate(['id' => $input->text('id')], [
            'person_id' => $person->id,
            'session_log_id' => $log->id,
            'ladder' => $input->text('ladder'),
            'pain' => $input->integer('pain'),
            'worse' => $input->boolean('worse'),
            'answered_on' => $clock->today()->iso(),
            'time_zone' => $clock->timeZone(),
            'user_id' => $input->by()->id,
            'sequence' => $clock->sequence(),
        ]);

        return new JsonResponse(new SavedView($morning->id), 201);
    }
}
