<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SessionLog;
use App\Models\SetEntry;
use App\Models\TrainingSession;
use App\Models\User;
use EvenRungs\Session\InvalidSession;
use EvenRungs\Session\WrittenBlock;
use Illuminate\Support\Facades\DB;

/** Keeps what was done in a session: all of it or nothing, with the rungs as they were. */
final readonly class RecordLog
{
    /**
     * @param list<LoggedSet> $sets
     *
     * @throws InvalidSession when a set belongs to no exercise of the session, or stands twice
     */
    public function record(Dossier $dossier, TrainingSession $session, User $by, string $id, ?int $seconds, array $sets): SessionLog
    {
        $items = [];
        foreach ($session->blocks as $block) {
            foreach (WrittenBlock::read($block)->items as $item) {
                $items[$item->id] = $item;
            }
        }
        $seen = [];
        foreach ($sets as $set) {
            if (! isset($items[$set->item])) {
                throw InvalidSession::because('A logged set belongs to no exercise of this session. It may have been changed since: open it again.');
            }
            if (isset($seen[$set->item][$set->set])) {
                throw InvalidSession::because('One set was logged twice.');
            }
            $seen[$set->item][$set->set] = true;
        }

        return DB::transaction(static function () use ($dossier, $session, $by, $id, $seconds, $sets, $items): SessionLog {
            $log = SessionLog::query()->create([
                'id' => $id,
                'person_id' => $dossier->person->id,
                'training_session_id' => $session->id,
                'title' => $session->title,
                'rung_snapshots' => $session->rung_snapshots,
                'library_version' => $session->library_version,
                'seconds' => $seconds,
                'done_on' => $dossier->today()->iso(),
                'time_zone' => $dossier->clock->timeZone(),
                'user_id' => $by->id,
                'sequence' => $dossier->clock->sequence(),
            ]);
            foreach ($sets as $set) {
                SetEntry::query()->create([
                    'session_log_id' => $log->id,
                    'item' => $set->item,
                    'rung' => $items[$set->item]->rung,
                    'dose' => $items[$set->item]->dose,
                    'set_number' => $set->set,
                    'done_both' => $set->both,
                    'done_left' => $set->left,
                    'done_right' => $set->right,
                    'form' => $set->form,
                    'pain' => $set->pain,
                    'effort' => $set->effort,
                    'travelling_pain' => $set->travellingPain,
                    'felt_wrong' => $set->feltWrong,
                    'pain_note' => $set->painNote === '' ? null : $set->painNote,
                ]);
            }

            return $log;
        });
    }
}
