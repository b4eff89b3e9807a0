<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Messages\Outbox;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\SheetStage;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use App\Records\PersonLines;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\MessageKind;
use EvenRungs\Home\StageAfter;
use EvenRungs\Person\Growth;
use EvenRungs\Person\StoodThen;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\WrittenBlock;
use Illuminate\Support\Facades\DB;

/** Brings the stages of a person's sheets that have come due into the sessions they belong to. */
final readonly class GrowSheets
{
    public function __construct(private OpenPerson $open, private PracticeLibrary $ladders, private PersonLines $lines, private Outbox $outbox) {}

    /** @return int how many came or were held back */
    public function of(Person $person, User $by, Day $today): int
    {
        $this->countSessions($person);
        $due = static fn() => SheetStage::query()->where('person_id', $person->id)->whereNull('came_on')->whereNull('held')->where('due_on', '<=', $today->iso());
        // Nothing comes while training is closed; it comes with the next round after. Whoever only looks writes nothing.
        if ($due()->doesntExist() || ! $this->open->of($person->unsetRelations(), $by)->record->admission()->open) {
            return 0;
        }

        return DB::transaction(function () use ($person, $by, $due): int {
            DB::table('people')->where('id', $person->id)->increment('records');
            $stages = array_values($due()->orderBy('due_on')->orderBy('sequence')->lockForUpdate()->get()->all());
            $file = $this->open->of($person->unsetRelations(), $by);
            // Asked once more on the locked row: somebody may have closed training since.
            $coming = $file->record->admission()->open ? $stages : [];
            foreach ($coming as $stage) {
                $this->bring($file, $stage);
            }
            $this->lines->keep($person, $by);

            return count($coming);
        }, 3);
    }

    /** So many sessions done since it began: the day of the last of them. */
    private function countSessions(Person $person): void
    {
        foreach (SheetStage::query()->where('person_id', $person->id)->whereNull('came_on')->whereNull('due_on')->where('after', StageAfter::Sessions->value)->get() as $stage) {
            $days = SessionLog::query()->where('person_id', $person->id)->where('training_session_id', $stage->training_session_id)->where('done_on', '>=', $stage->begins_on)->orderBy('done_on')->limit($stage->count)->pluck('done_on');
            if ($days->count() === $stage->count) {
                $stage->update(['due_on' => $days->last()]);
            }
        }
    }

    private function bring(PersonFile $file, SheetStage $stage): void
    {
        $session = TrainingSession::query()->where('person_id', $file->person->id)->lockForUpdate()->find($stage->training_session_id);
        if ($session === null) {
            $stage->update(['held' => 'Its session was let go of.']);

            return;
        }
        $grown = Growth::of($file->record, $session->inCore()->blocks, $stage->inCore(), $stage->sequence);
        if ($grown->held !== null) {
            $stage->update(['held' => mb_strimwidth($grown->held, 0, 400, '…')]);

            return;
        }
        if ($stage->kind->changesTheSheet()) {
            // What comes was written when it was planned, and not today.
            $this->write($file, $session, $grown->blocks, $stage->sequence);
        }
        $stage->update(['came_on' => $file->record->today->iso()]);
        $this->outbox->put($file->person, MessageKind::Stage, $stage->id);
    }

    /**
     * @param list<WrittenBlock> $blocks that take the place of the session’s
     * @param int|null           $at     order in time of when what is new of them was written; now where null
     */
    public function write(PersonFile $file, TrainingSession $session, array $blocks, ?int $at = null): void
    {
        $read = $file->record->read($blocks);
        $snapshots = [];
        foreach ($read->items as $items) {
            foreach ($items as $item) {
                $snapshots[$item->rung->slug] = $this->ladders->snapshot($item->rung->slug);
            }
        }
        $session->update([
            'blocks' => array_map(static fn(WrittenBlock $block): array => $block->toArray(), StoodThen::on($read->written(), $file->record, $at ?? $file->clock->sequence(), $session->inCore()->blocks)),
            'rung_snapshots' => $snapshots,
            'library_version' => $file->record->library->version,
            'total_seconds' => $read->session === null ? null : SessionLength::of($read->session, $session->picks)->longest,
            'version' => $session->version + 1,
        ]);
    }
}
