<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Training;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\PersonFile;
use App\Records\TrainingEvents;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Log\Told;
use EvenRungs\Person\OpenTraining;
use EvenRungs\Reason\Refusal;

/**
 * Takes what a device tells of a training, each thing once, and makes the log of it once it has ended. One thing that
 * cannot be taken keeps nothing else back. What happened is taken also where training is closed by now.
 */
final readonly class TakeEvents
{
    private const OTHER = 'Something else was told under this number before.';

    public function __construct(private RecordLog $log) {}

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
                $new[$event->id] = $one;
            } catch (Refusal|UnknownRung $unclear) {
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

    private function keepLog(PersonFile $file, User $by, Training $root): void
    {
        $told = Told::of(TrainingEvents::of($root));
        $root->waits = match (true) {
            $told->sets === [] => null,
            $root->asked_of !== null => OpenTraining::TWO_DEVICES,
            $told->differing !== [] => OpenTraining::DIFFERING,
            ! $told->ended => OpenTraining::NOT_ENDED,
            default => null,
        };
        $root->fill(['sets' => count($told->sets), 'ended' => $told->ended])->save();
        if (! $told->ended || $root->asked_of !== null || $told->sets === []) {
            return;
        }
        $session = TrainingSession::withTrashed()->findOrFail($root->training_session_id);
        $this->log->record($file, $session, $by, $root->id, $told->seconds, $told->sets, $told->before, Day::parse($root->done_on), $this->when($file, $root, $told));
    }

    /** When it was done, so that what was placed or decided afterwards stands after it. */
    private function when(PersonFile $file, Training $root, Told $told): int
    {
        $day = new \DateTimeImmutable("{$root->done_on} 23:59:59", new \DateTimeZone($root->time_zone));

        return min($file->clock->sequence(), $root->started_at * 1000 + 1_000_000 * ($told->seconds ?? 0), $day->getTimestamp() * 1_000_000);
    }
}
