<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\SessionLog;
use App\Models\SetEntry;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\LoggedSessions;
use App\Records\PersonFile;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Log\EndReason;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Progress\StartPain;
use EvenRungs\Reason\Refusal;
use EvenRungs\Session\InvalidSession;
use EvenRungs\Session\WrittenItem;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what was done in a session: all of it or nothing, with the rungs as they were. The doses are those of the cue
 * sheet that was played: the session may have been written anew while it was coached.
 */
final readonly class RecordLog
{
    public function __construct(private PracticeLibrary $ladders) {}

    /**
     * @param list<ReportedSet>    $sets
     * @param list<StartPain>|null $before   pain that was there before the first set; null when nobody asked
     * @param Day|null             $on       today where null
     * @param int|null             $sequence when it was done, in microseconds; now where null
     * @param EndReason|null       $why      it ended before the last set; null where it did not, or nobody said
     *
     * @throws InvalidSession              when a set belongs to no exercise of the session, or stands twice
     * @throws UnknownRung|Refusal         when a set was of no rung there is, or of no dose
     */
    public function record(PersonFile $file, TrainingSession $session, User $by, string $id, ?int $seconds, array $sets, ?array $before = null, ?Day $on = null, ?int $sequence = null, ?EndReason $why = null): SessionLog
    {
        $seen = $done = $snapshots = [];
        foreach ($sets as $set) {
            if (isset($seen[$set->item][$set->set])) {
                throw InvalidSession::because('One set was logged twice.');
            }
            $seen[$set->item][$set->set] = true;
            $item = self::exercise($set, $session, $file->record->library);
            if ($set->rung !== null) {
                $snapshots[$item->rung] = $session->rung_snapshots[$item->rung] ?? $this->ladders->snapshot($item->rung);
            }
            $done[] = [$set, $item];
        }
        $columns = [
            'person_id' => $file->person->id,
            'training_session_id' => $session->id,
            'title' => $session->title,
            'rung_snapshots' => [...$session->rung_snapshots, ...$snapshots],
            'library_version' => $session->library_version,
            'seconds' => $seconds,
            'pain_before' => $before === null ? null : array_map(static fn(StartPain $pain): array => ['place' => $pain->place->value, 'side' => $pain->side?->value, 'pain' => $pain->pain], $before),
            'ended_why' => $why?->value,
            'done_on' => ($on ?? $file->record->today)->iso(),
            'time_zone' => $file->clock->timeZone(),
            'user_id' => $by->id,
            'sequence' => $sequence ?? $file->clock->sequence(),
        ];

        $now = $file->clock->sequence();
        $written = $session->exercises();

        return DB::transaction(static function () use ($id, $columns, $done, $written, $now): SessionLog {
            $log = SessionLog::query()->firstOrNew(['id' => $id], ['told_sequence' => $now])->fill($columns);
            $known = $log->exists ? self::stops($id) : null;
            $log->save();
            SetEntry::query()->where('session_log_id', $id)->delete();
            SetEntry::query()->insert(array_map(static fn(array $one): array => [
                ...self::entry($log, $written[$one[0]->item]->rung ?? null, ...$one),
                'told_sequence' => $known === null || ! $one[0]->stops() ? null : ($known + ["{$one[0]->item} {$one[0]->set}" => $now])["{$one[0]->item} {$one[0]->set}"],
            ], $done));
            LoggedSessions::keepBrief($log->id);

            return $log;
        });
    }

    /** @return array<string, int|null> when it was told of the sets of a log that they stop a ladder, by exercise and number */
    private static function stops(string $log): array
    {
        $stops = [];
        foreach (LoggedSessions::whole([$log]) as $logged) {
            foreach (array_filter($logged->sets, static fn(LoggedSet $set): bool => $set->stops()) as $set) {
                $stops["{$set->item} {$set->number}"] = $set->told;
            }
        }

        return $stops;
    }

    /**
     * Which exercise a set is of, by the cue sheet it was played from, else by the session.
     *
     * @throws InvalidSession      when it belongs to no exercise of the session, or tells of a side that rests
     * @throws UnknownRung|Refusal when it was of no rung there is, or of no dose
     */
    public static function exercise(ReportedSet $set, TrainingSession $session, Library $library): WrittenItem
    {
        if ($set->rung !== null && $set->dose !== null) {
            $rung = $library->rung($set->rung);
            $item = new WrittenItem($set->item, $rung->slug, DoseLine::print($rung->ranged(DoseLine::parse($set->dose, $rung->sidedness), $set->rung)));
        } else {
            $item = $session->exercises()[$set->item] ?? throw InvalidSession::because('A logged set belongs to no exercise of this session. It may have been changed since: open it again.');
        }
        $resting = self::restingSide($item, $set, $library);

        return $resting === null ? $item : throw InvalidSession::because("In set {$set->set} of this exercise the {$resting->value} side rests: nothing of it can be logged.");
    }

    /**
     * @param string|null $written the rung of the session
     *
     * @return array<string, mixed> a row as the table keeps it
     */
    private static function entry(SessionLog $log, ?string $written, ReportedSet $set, WrittenItem $item): array
    {
        return (new SetEntry)->fill([
            'practice_id' => $log->getAttribute('practice_id'),
            'session_log_id' => $log->id,
            'item' => $set->item,
            'rung' => $item->rung,
            'instead_of' => $written === $item->rung ? null : $written,
            'dose' => $item->dose,
            'set_number' => $set->set,
            'done_both' => $set->both,
            'done_left' => $set->left,
            'done_right' => $set->right,
            'form' => $set->form,
            'pain' => $set->pain,
            'pain_side' => $set->painSide?->value,
            'pain_place' => $set->painPlace?->value,
            'effort' => $set->effort,
            'travelling_pain' => $set->travellingPain,
            'felt' => $set->felt?->value,
            'pain_note' => $set->painNote === '' ? null : $set->painNote,
        ])->getAttributes();
    }

    /** The side that rests in a set and is told to have worked; null where none is. */
    private static function restingSide(WrittenItem $item, ReportedSet $set, Library $library): ?Side
    {
        $works = DoseLine::parse($item->dose, $library->rung($item->rung)->sidedness)->sideOf($set->set);
        $rests = $works?->other();

        return ($rests === Side::Left ? $set->left : ($rests === Side::Right ? $set->right : null)) === null ? null : $rests;
    }
}
