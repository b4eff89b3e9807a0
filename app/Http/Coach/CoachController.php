<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Actions\RecordLog;
use App\Api\Changes;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\SavedView;
use App\Models\Morning;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\LoggedSessions;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use EvenRungs\Log\LogLine;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was done: the log of a session, and how it was the next morning. */
final readonly class CoachController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/sessions/{session}/cues', 'cueSheet', CueSheetView::class, queries: ['done'])]
    public function cues(Person $person, TrainingSession $session, Request $request, #[CurrentUser] User $user): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $this->open->of($person, $user);
        Problem::whenClosed($file->record->admission());

        return new JsonResponse(CoachPage::atTheDesk($file, $session, $request->query('done') === 'yes'));
    }

    /** What a typed line tells of a training, for fields to be filled with: nothing is kept. */
    #[Writes('/api/people/{person}/sessions/{session}/line', 'readLogLine', LogLineView::class, LogLineRequest::class)]
    public function line(Person $person, TrainingSession $session, LogLineRequest $input): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $record = $this->open->of($person, $input->by())->record;
        $permitted = $record->permitted($session->inCore()->blocks, isDone: true)->session ?? throw Problem::emptySession();

        return new JsonResponse(LogLineView::of(LogLine::read($input->text('line'), $permitted, $record->library->names)));
    }

    /** A log as a whole, and its time: for pages that were open before trainings were told event by event. */
    #[Writes('/api/people/{person}/logs', 'logSession', LogView::class, LogRequest::class, 201)]
    public function store(Person $person, LogRequest $input, RecordLog $record): JsonResponse
    {
        $file = $this->open->forPlanning($person->id, $input->by());
        // What was done in a session counts, also where the session was let go of meanwhile.
        $session = TrainingSession::withTrashed()->where('person_id', $person->id)->findOrFail($input->text('session'));
        $log = SessionLog::query()->find($input->text('id'));
        if ($log !== null && $log->person_id !== $person->id) {
            throw Problem::conflict('other-log', 'A log with this number is kept for somebody else: nothing was stored.');
        }
        if ($log === null) {
            Problem::whenClosed($file->record->admission());
            $log = $record->record($file, $session, $input->by(), $input->text('id'), $input->seconds(), $input->sets(), $input->painBefore());
        }

        return new JsonResponse(LogView::of($log, $file), 201);
    }

    /** How long it really was, where what was counted looks odd. */
    #[Changes('/api/people/{person}/logs/{log}/time', 'correctLogTime', SavedView::class, LogTimeRequest::class)]
    public function time(Person $person, SessionLog $log, LogTimeRequest $input): JsonResponse
    {
        abort_unless($log->person_id === $person->id, 404);
        $log->update(['seconds' => $input->integer('seconds')]);

        return new JsonResponse(new SavedView($log->id));
    }

    /** A morning told ladder by ladder: for pages that were open before it was one question. */
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
        LoggedSessions::keepBrief($log->id);

        return new JsonResponse(new SavedView($morning->id), 201);
    }
}
