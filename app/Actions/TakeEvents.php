<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Morning;
use App\Models\SessionLog;
use App\Models\Training;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\LoggedSessions;
use App\Records\PersonFile;
use App\Records\TrainingEvents;
use EvenRungs\Calendar\Day;
use EvenRungs\Log\Event;
use EvenRungs\Log\EventKind;
use EvenRungs\Log\Told;
use EvenRungs\Log\TrainingDay;
use EvenRungs\Person\MorningByLadder;
use EvenRungs\Person\OpenTraining;
use EvenRungs\Reason\Refusal;

/**
 * Takes what a device tells of a training, each thing once, and makes the log of it once it has ended. One thing that
 * cannot be taken keeps nothing else back. What happened is taken also where training is closed by now.
 */
final readonly class TakeEvents
{
    private const OTHER = 'Something else was told under this number before.';

    private const NO_LOG = 'The session this morning comes after is not kept here.';

    public function __construct(private RecordLog $log) {}

    /**
     * The training under a number, begun with what is told of it first.
     *
     * @param Day|null $byHand the day somebody set; by the device's own where null
     * @param int      $sent   by the device's clock, in milliseconds since 1970
     *
     * @return array{Training, string|null} and what was put right of its day, and why
     *
     * @throws OtherTraining where it is of another person or session
     */
    public function begun(PersonFile $file, TrainingSession $session, User $by, string $id, string $device, Day $told, ?Day $byHand, int $started, int $sent): array
    {
        $known = Training::query()->withoutGlobalScopes()->find($id);
        $others = $known === null
            ? SessionLog::query()->withoutGlobalScopes()->whereKey($id)->whereNot('person_id', $file->person->id)->exists()
            : $known->person_id !== $file->person->id || $known->training_session_id !== $session->id;
        if ($others) {
            throw new OtherTraining;
        }
        if ($known !== null && $byHand === null) {
            return [$known, null];
        }
        $now = $file->clock->sequence();
        $day = $byHand === null
            ? TrainingDay::of($told, $started, $sent, intdiv($now, 1000), $file->clock->timeZone(), $file->record->today)
            : TrainingDay::byHand($byHand, $known->started_at ?? min($started, intdiv($now, 1000)), $file->record->today);
        $training = $known ?? new Training(['id' => $id, 'practice_id' => $file->person->practice_id, 'person_id' => $file->person->id, 'training_session_id' => $session->id, 'device' => $device, 'time_zone' => $file->clock->timeZone(), 'started_at' => $day->started, 'user_id' => $by->id, 'sequence' => $now]);
        $training->fill(['done_on' => $day->day->iso()])->save();

        return [$training, $day->sentence];
    }

    /**
     * @param list<array<string, mixed>> $told each validated by itself
     *
     * @return array<string, string> why something was not taken, by id
     */
    public function take(PersonFile $file, TrainingSession $session, User $by, Training $training, array $told): array
    {
        $known = TrainingEvents::known(array_map(static fn(array $one): string => is_string($one['id'] ?? null) ? $one['id'] : '', $told));
        $refused = $new = [];
        foreach ($told as $one) {
            $event = TrainingEvents::read($one);
            $before = $known[$event->id] ?? null;
            if ($before !== null) {
                if ($before['training'] !== $training->id || ! TrainingEvents::isSame($before['told'], $one)) {
                    $refused[$event->id] = self::OTHER;
                }
                continue;
            }
            try {
                if ($event->set !== null) {
                    RecordLog::exercise($event->set, $session, $file->record->library);
                }
                if ($event->kind === EventKind::Morning && ! SessionLog::query()->where('person_id', $file->person->id)->whereKey($event->other)->exists()) {
                    $refused[$event->id] = self::NO_LOG;
                    continue;
                }
                $new[$event->id] = $one;
            } catch (Refusal $unclear) {
                $refused[$event->id] = $unclear->getMessage();
            }
        }
        TrainingEvents::keep($training, array_values($new), $by->id, $file->clock->sequence());
        $this->settle($file, $by, $training);

        return $refused;
    }

    /** What the training comes to by now: whose it is, what it waits for, and its log. */
    private function settle(PersonFile $file, User $by, Training $training): void
    {
        $own = Told::of(array_map(TrainingEvents::read(...), TrainingEvents::told([$training->id])[$training->id] ?? []));
        $this->keepMornings($file, $by, $own->mornings);
        $ofSession = Training::query()->where('person_id', $file->person->id)->where('training_session_id', $training->training_session_id)->whereKeyNot($training->id);
        $same = $own->sameAs === null ? null : (clone $ofSession)->find($own->sameAs);
        $before = $training->same_as;
        // Two that are said to be one another are one all the same.
        $training->same_as = in_array($training->id, [$same?->id, $same?->same_as], true) ? null : $same->same_as ?? $same?->id;
        // Who told of it first is not asked.
        $earlier = $ofSession->where('done_on', $training->done_on)->whereNot('device', $training->device)->where('sequence', '<', $training->sequence)->where('sets', '>', 0)->whereNull('same_as')->whereNotIn('id', $own->apart)->orderBy('sequence')->first();
        $training->asked_of = $training->same_as === null ? $earlier?->id : null;
        $training->fill(['sets' => count($own->sets), 'ended' => $own->ended, 'waits' => null])->save();
        foreach (array_unique(array_filter([$before, $training->same_as ?? $training->id], is_string(...))) as $root) {
            $this->keepLog($file, $by, $root === $training->id ? $training : Training::query()->findOrFail($root));
        }
    }

    /** @param list<Event> $mornings that hold */
    private function keepMornings(PersonFile $file, User $by, array $mornings): void
    {
        foreach ($mornings as $event) {
            if ($event->other === null || Morning::query()->where('event_id', $event->id)->exists()) {
                continue;
            }
            Morning::query()->whereIn('event_id', $event->instead)->delete();
            foreach (LoggedSessions::whole([$event->other]) as $log) {
                foreach (MorningByLadder::of($log, $file->record->library, $event->pains ?? []) as $one) {
                    Morning::query()->create([
                        'person_id' => $file->person->id, 'session_log_id' => $log->id, 'event_id' => $event->id, 'ladder' => $one->ladder,
                        'pain' => $one->morning->pain, 'worse' => $one->morning->worse, 'place' => $one->place?->place->value, 'side' => $one->place?->side?->value,
                        'answered_on' => $file->record->today->iso(), 'time_zone' => $file->clock->timeZone(), 'user_id' => $by->id, 'sequence' => $file->clock->sequence(),
                    ]);
                }
                LoggedSessions::keepBrief($log->id);
            }
        }
    }

    private function keepLog(PersonFile $file, User $by, Training $root): void
    {
        $told = Told::of(TrainingEvents::of($root));
        $root->waits = OpenTraining::waitsFor($told, $root->asked_of !== null);
        $root->fill(['sets' => count($told->sets), 'ended' => $told->ended])->save();
        if (! $told->ended || $root->asked_of !== null || $told->sets === []) {
            return;
        }
        $session = TrainingSession::withTrashed()->findOrFail($root->training_session_id);
        $day = Day::parse($root->done_on);
        $this->log->record($file, $session, $by, $root->id, $told->seconds, $told->sets, $told->before, $day, TrainingDay::sequence($day, $root->time_zone, $root->started_at, $told->seconds, $file->clock->sequence()), $told->why);
    }
}
