<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SessionLog;
use App\Models\SetCorrection;
use App\Models\SetEntry;
use App\Models\Training;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\LoggedSessions;
use App\Records\PersonFile;
use App\Records\TrainingEvents;
use EvenRungs\Body\Side;
use EvenRungs\Log\Event;
use EvenRungs\Log\EventKind;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Session\InvalidSession;

/** Corrects a typing error in what was told of a set. What was told stays beside what is right; decisions that were taken stand. */
final readonly class CorrectSet
{
    public function __construct(private TakeEvents $events) {}

    /**
     * @param array{both: int|null, left: int|null, right: int|null, pain: int|null, effort: int|null} $right
     *
     * @throws InvalidSession where the set cannot have been so
     */
    public function correct(PersonFile $file, SessionLog $log, SetEntry $entry, array $right, string $id, User $by): void
    {
        $told = self::told($entry);
        if (SetCorrection::query()->whereKey($id)->exists() || array_intersect_key(get_object_vars($told), $right) === $right) {
            return;
        }
        SetCorrection::query()->create(['id' => $id, 'session_log_id' => $log->id, 'item' => $entry->item, 'set_number' => $entry->set_number, 'before' => $told->inWords(), 'user_id' => $by->id, 'corrected_on' => $file->record->today->iso(), 'sequence' => $file->clock->sequence()]);
        $training = Training::query()->find($log->id);
        if ($training === null) {
            // A log of an earlier version was told whole, and has no events.
            SetEntry::query()->where('session_log_id', $log->id)->where('item', $entry->item)->where('set_number', $entry->set_number)
                ->update(['done_both' => $right['both'], 'done_left' => $right['left'], 'done_right' => $right['right'], 'pain' => $right['pain'], 'effort' => $right['effort'], 'told_sequence' => $told->stops() ? $entry->told_sequence : $file->clock->sequence()]);
            LoggedSessions::keepBrief($log->id);

            return;
        }
        $before = array_filter(TrainingEvents::of($training), static fn(Event $event): bool => $event->kind->isOfASet() && $event->item === $entry->item && $event->number === $entry->set_number);
        $refused = $this->events->take($file, TrainingSession::withTrashed()->findOrFail($log->training_session_id), $by, $training, [[
            'id' => $id, 'kind' => EventKind::Set->value, 'instead' => array_values(array_map(static fn(Event $event): string => $event->id, $before)), 'moments' => [],
            'item' => $entry->item, 'number' => $entry->set_number, 'set' => [...$told->jsonSerialize(), 'form' => $told->form, ...$right],
        ]]);
        if ($refused !== []) {
            throw InvalidSession::because(array_values($refused)[0]);
        }
    }

    private static function told(SetEntry $entry): ReportedSet
    {
        return new ReportedSet($entry->item, $entry->set_number, $entry->done_both, $entry->done_left, $entry->done_right, $entry->form, $entry->pain, $entry->effort, $entry->travelling_pain, Felt::tryFrom($entry->felt ?? ''), $entry->pain_note ?? '', Side::tryFrom($entry->pain_side ?? ''), $entry->rung, $entry->dose, PainPlace::tryFrom($entry->pain_place ?? ''));
    }
}
