<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Access;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use App\Records\PersonLines;
use App\Records\SquadFile;
use EvenRungs\Person\StoodThen;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Squad\SquadMember;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Writes for everybody of a squad who is here the session they do in it: one for each person and squad, which is brought up to
 * date each time. Coached, told and judged it is like any other.
 */
final readonly class WriteSquadSessions
{
    private const ATTEMPTS = 5;

    public function __construct(private PracticeLibrary $ladders, private PersonLines $lines, private OpenPerson $open, private PlaceMeetings $meetings) {}

    /** @param list<int>|null $of numbers of the members it is written for; null for those who are here */
    public function write(SquadFile $file, User $by, ?array $of = null): void
    {
        $starts = $file->squad->starts($of ?? $file->here);
        $people = array_map(static fn(int $number): string => $file->files[$number]->person->id, array_combine(array_keys($starts), array_keys($starts)));
        // Always in the same order: two who begin at once wait for each other, and do not stand in each other's way.
        asort($people);
        foreach ($people as $number => $id) {
            DB::transaction(function () use ($file, $id, $starts, $number, $by): void {
                DB::table('people')->where('id', $id)->increment('records');
                $person = Person::query()->findOrFail($id);
                // What holds now, of this person: they may have been stopped a moment ago.
                $now = $this->open->of($person, $by)->inSquad($file->row);
                $blocks = SquadMember::of($now->record, $file->squad->stations, $file->squad->clock)->written($file->squad->clock, $starts[$number]);
                if ($blocks === []) {
                    return;
                }
                if ($this->session($file, $now, $blocks)->wasRecentlyCreated) {
                    $this->meetings->change($id, $file->row, [], $file->row->meetings(), $by);
                }
                Access::note($by, $id, $file->today->iso(), 'squad');
                $this->lines->keep($person, $by);
            }, self::ATTEMPTS);
        }
    }

    /** @param list<WrittenBlock> $blocks */
    private function session(SquadFile $file, PersonFile $of, array $blocks): TrainingSession
    {
        $snapshots = [];
        foreach ($blocks as $block) {
            foreach ($block->items as $item) {
                $snapshots[$item->rung] = $this->ladders->snapshot($item->rung);
            }
        }
        $row = TrainingSession::withTrashed()->where('person_id', $of->person->id)->where('squad_id', $file->row->id)->lockForUpdate()->first()
            ?? new TrainingSession(['id' => strtolower((string) Str::ulid()), 'person_id' => $of->person->id, 'squad_id' => $file->row->id, 'version' => 0]);
        $columns = [
            'title' => $file->row->name,
            'blocks' => array_map(static fn(WrittenBlock $block): array => $block->toArray(), StoodThen::on($blocks, $of->record, $of->clock->sequence(), $row->exists ? $row->inCore()->blocks : [])),
            'rung_snapshots' => $snapshots,
            'library_version' => $of->record->library->version,
            'total_seconds' => $of->record->read($blocks)->session?->timeline()->totals()->total(),
            'origin' => 'in the squad',
        ];
        if ($row->trashed()) {
            $row->restore();
        }
        $row->fill($columns);
        if ($row->isDirty()) {
            $row->fill(['version' => $row->version + 1])->save();
        }

        return $row;
    }
}
