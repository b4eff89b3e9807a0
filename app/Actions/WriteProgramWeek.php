<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Models\User;
use App\Models\WeekWriting;
use App\Records\PersonFile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\StoodThen;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Week\PlannedSlot;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Writes the sessions of a week of the program, places them in that week in the stead of the usual ones, and takes them out again. */
final readonly class WriteProgramWeek
{
    /** What it writes of a session, and gives back when the week is taken out again. */
    private const WRITTEN = ['title', 'minutes', 'blocks', 'rung_snapshots', 'library_version', 'total_seconds', 'origin', 'program_monday', 'program_slot'];

    public function __construct(private PracticeLibrary $ladders) {}

    /** Sessions that were done already stay, and days behind are let be. */
    public function write(PersonFile $file, ProgramAtHand $hand, WrittenWeek $week, User $by): void
    {
        DB::transaction(function () use ($file, $hand, $week, $by): void {
            $person = $file->person;
            /** @var Plan|null $found */
            $found = Plan::query()->where('person_id', $person->id)->lockForUpdate()->first();
            $plan = $found ?? new Plan(['id' => self::ulid(), 'person_id' => $person->id, 'slots' => [], 'moves' => [], 'away' => [], 'version' => 0]);
            $monday = $week->monday->iso();
            $slots = $plan->slots;
            $sessions = [];
            foreach ($week->places as $place) {
                $blocks = $hand->asOfToday()->of($week, $place->id)->blocks;
                $row = $person->trainingSessions->firstWhere('id', $hand->written($week->monday, $place->id)?->id);
                if ($blocks === [] || $hand->isBehind($week, $place->id) || ($row !== null && SessionLog::query()->where('training_session_id', $row->id)->exists())) {
                    continue;
                }
                $before = $row?->only(self::WRITTEN);
                $row = $this->session($file, $week, $place, $blocks, $row);
                $sessions[$row->id] = ['wrote' => self::mark($row), 'before' => $before];
                $slots = [...array_values(array_filter($slots, static fn(array $slot): bool => $slot['session'] !== $row->id)), [
                    'id' => ProgramAtHand::slotId($week->monday, $place->id),
                    'session' => $row->id,
                    'day' => $place->cell->day,
                    'part' => $place->cell->part->value,
                    'time' => $place->cell->time(),
                    'placement' => $place->placement->value,
                    'effort' => $place->effort,
                    'only' => $monday,
                    'since' => $hand->today()->iso(),
                ]];
            }
            WeekWriting::query()->create([
                'id' => self::ulid(),
                'person_id' => $person->id,
                'monday' => $monday,
                'slots' => array_values(array_filter($plan->slots, static fn(array $slot): bool => isset($sessions[$slot['session']]))),
                'moves' => array_values(array_filter($plan->moves, static fn(array $move): bool => $move['monday'] === $monday)),
                'sessions' => $sessions,
                'user_id' => $by->id,
                'sequence' => $file->clock->sequence(),
            ]);
            // What is usual on these weeks steps back: it can be brought back in the week. A squad meets all the same.
            $meetings = array_map(static fn(PlannedSlot $slot): string => $slot->id, $plan->inCore()->meetings());
            $usual = array_filter($slots, static fn(array $slot): bool => $slot['only'] === null && ! in_array($slot['id'], $meetings, true));
            $moves = array_values(array_filter($plan->moves, static fn(array $move): bool => $move['monday'] !== $monday || in_array($move['slot'], $meetings, true)));
            foreach ($usual as $slot) {
                $moves[] = ['slot' => $slot['id'], 'monday' => $monday, 'day' => null, 'part' => null, 'placement' => null, 'effort' => null];
            }
            $plan->fill(['slots' => $slots, 'moves' => $moves, 'version' => $plan->version + 1])->save();
        });
    }

    /**
     * Takes what was last written into a week out of it again: the week is laid out as before, sessions that were made
     * for it are let go of, and those that stood there say what they said. What was trained or changed by hand since
     * stays.
     *
     * @return list<string> titles of the sessions that stay, or keep what was written into them
     */
    public function takeOut(WeekWriting $writing, User $by): array
    {
        return DB::transaction(function () use ($writing, $by): array {
            $writing = WeekWriting::query()->whereKey($writing->id)->lockForUpdate()->firstOrFail();
            if ($writing->taken_back_at !== null) {
                return [];
            }
            $plan = Plan::query()->where('person_id', $writing->person_id)->lockForUpdate()->firstOrFail();
            $stays = $trained = [];
            foreach (TrainingSession::query()->whereKey(array_keys($writing->sessions))->lockForUpdate()->get() as $row) {
                ['wrote' => $wrote, 'before' => $before] = $writing->sessions[$row->id];
                $isTrained = SessionLog::query()->where('training_session_id', $row->id)->exists();
                if ($isTrained || self::mark($row) !== $wrote) {
                    $stays[] = $row->title;
                    $trained = $isTrained ? [...$trained, $row->id] : $trained;
                } elseif ($before === null) {
                    $row->delete();
                } else {
                    $row->update([...$before, 'version' => $row->version + 1]);
                }
            }
            $ofWeek = static fn(array $slot): bool => isset($writing->sessions[$slot['session']]) && $slot['only'] === $writing->monday && ! in_array($slot['session'], $trained, true);
            $slots = array_values(array_filter($plan->slots, static fn(array $slot): bool => ! $ofWeek($slot)));
            $placed = array_column($slots, 'id');
            foreach ($writing->slots as $slot) {
                if (! in_array($slot['id'], $placed, true) && ! in_array($slot['session'], $trained, true)) {
                    $slots[] = $slot;
                }
            }
            // A usual session steps back while one that was trained stands in its stead.
            $moves = $trained === [] ? [...array_filter($plan->moves, static fn(array $move): bool => $move['monday'] !== $writing->monday), ...$writing->moves] : $plan->moves;
            $placed = array_column($slots, 'id');
            $plan->fill([
                'slots' => $slots,
                'moves' => array_values(array_filter($moves, static fn(array $move): bool => in_array($move['slot'], $placed, true))),
                'version' => $plan->version + 1,
            ])->save();
            $writing->update(['taken_back_at' => now(), 'taken_back_by' => $by->id]);

            return $stays;
        });
    }

    /** @param list<WrittenBlock> $blocks */
    private function session(PersonFile $file, WrittenWeek $week, ProgramSlot $place, array $blocks, ?TrainingSession $row): TrainingSession
    {
        $snapshots = [];
        foreach ($blocks as $block) {
            $snapshots[$block->items[0]->rung] = $this->ladders->snapshot($block->items[0]->rung);
        }
        $columns = [
            'title' => "Week {$week->ofProgram}, {$place->cell->inWords()}",
            'minutes' => $place->minutes,
            'blocks' => array_map(static fn(WrittenBlock $block): array => $block->toArray(), StoodThen::on($blocks, $file->record, $file->clock->sequence())),
            'rung_snapshots' => $snapshots,
            'library_version' => $file->record->library->version,
            'total_seconds' => $file->record->read($blocks)->session?->timeline()->totals()->total(),
            'origin' => "from the program, week {$week->ofProgram}",
            'program_monday' => $week->monday->iso(),
            'program_slot' => $place->id,
        ];
        if ($row !== null) {
            $row->update([...$columns, 'version' => $row->version + 1]);

            return $row;
        }

        return TrainingSession::query()->create(['id' => self::ulid(), 'person_id' => $file->person->id, 'version' => 1, ...$columns]);
    }

    /** Tells whether a session still says what was written. */
    private static function mark(TrainingSession $row): string
    {
        return hash('xxh128', json_encode($row->only(['title', 'minutes', 'blocks']), JSON_THROW_ON_ERROR));
    }

    private static function ulid(): string
    {
        return strtolower((string) Str::ulid());
    }
}
