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
use App\Records\ReportedSet;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Progress\StartPain;
use EvenRungs\Reason\Refusal;
use EvenRungs\Session\InvalidSession;
use EvenRungs\Session\WrittenBlock;
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
     * @param list<StartPain>|null $before pain that was there before the first set; null when nobody asked
     *
     * @throws InvalidSession              when a set belongs to no exercise of the session, or stands twice
     * @throws UnknownRung|Refusal         when a set was of no rung there is, or of no dose
     */
    public function record(PersonFile $file, TrainingSession $session, User $by, string $id, ?int $seconds, array $sets, ?array $before = null): SessionLog
    {
        $items = [];
        foreach ($session->blocks as $block) {
            foreach (WrittenBlock::read($block)->items as $item) {
                $items[$item->id] = $item;
            }
        }
        $seen = $done = $snapshots = [];
        foreach ($sets as $set) {
            $item = $items[$set->item] ?? null;
            if ($set->rung !== null && $set->dose !== null) {
                $rung = $file->record->library->rung($set->rung);
                $item = new WrittenItem($set->item, $rung->slug, DoseLine::print($rung->ranged(DoseLine::parse($set->dose, $rung->sidedness), $set->rung)));
                $snapshots[$rung->slug] = $session->rung_snapshots[$rung->slug] ?? $this->ladders->snapshot($rung->slug);
            }
            if ($item === null) {
                throw InvalidSession::because('A logged set belongs to no exercise of this session. It may have been changed since: open it again.');
            }
            $resting = self::restingSide($item, $set, $file->record->library);
            if ($resting !== null) {
                throw InvalidSession::because("In set {$set->set} of this exercise the {$resting->value} side rests: nothing of it can be logged.");
            }
            if (isset($seen[$set->item][$set->set])) {
                throw InvalidSession::because('One set was logged twice.');
            }
            $seen[$set->item][$set->set] = true;
            $done[] = [$set, $item];
        }

        return DB::transaction(static function () use ($file, $session, $by, $id, $seconds, $done, $snapshots, $before): SessionLog {
            $log = SessionLog::query()->create([
                'id' => $id,
                'person_id' => $file->person->id,
                'training_session_id' => $session->id,
                'title' => $session->title,
                'rung_snapshots' => [...$session->rung_snapshots, ...$snapshots],
                'library_version' => $session->library_version,
                'seconds' => $seconds,
                'pain_before' => $before === null ? null : array_map(static fn(StartPain $pain): array => ['place' => $pain->place->value, 'side' => $pain->side?->value, 'pain' => $pain->pain], $before),
                'done_on' => $file->record->today->iso(),
                'time_zone' => $file->clock->timeZone(),
                'user_id' => $by->id,
                'sequence' => $file->clock->sequence(),
            ]);
            foreach ($done as [$set, $item]) {
                SetEntry::query()->create([
                    'session_log_id' => $log->id,
                    'item' => $set->item,
                    'rung' => $item->rung,
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
                ]);
            }
            LoggedSessions::keepBrief($log->id);

            return $log;
        });
    }

    /** The side that rests in a set and is told to have worked; null where none is. */
    private static function restingSide(WrittenItem $item, ReportedSet $set, Library $library): ?Side
    {
        $works = DoseLine::parse($item->dose, $library->rung($item->rung)->sidedness)->sideOf($set->set);
        $rests = $works?->other();

        return ($rests === Side::Left ? $set->left : ($rests === Side::Right ? $set->right : null)) === null ? null : $rests;
    }
}
