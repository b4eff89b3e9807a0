<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Session\WrittenBlock;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Writes the sessions of a week of the program, and places them in that week in the stead of the usual ones. */
final readonly class WriteProgramWeek
{
    public function __construct(private PracticeLibrary $ladders) {}

    /** Sessions that were done already stay, and days behind are let be. */
    public function write(PersonFile $file, ProgramAtHand $hand, WrittenWeek $week): void
    {
        DB::transaction(function () use ($file, $hand, $week): void {
            $person = $file->person;
            /** @var Plan|null $found */
            $found = Plan::query()->where('person_id', $person->id)->lockForUpdate()->first();
            $plan = $found ?? new Plan(['id' => self::ulid(), 'person_id' => $person->id, 'slots' => [], 'moves' => [], 'away' => [], 'version' => 0]);
            $monday = $week->monday->iso();
            $slots = $plan->slots;
            foreach ($week->places as $place) {
                $blocks = ProgramAtHand::blocks($week, $place->id);
                $row = $person->trainingSessions->firstWhere('id', $hand->written($week->monday, $place->id)?->id);
                if ($blocks === [] || $hand->isBehind($week, $place->id) || ($row !== null && SessionLog::query()->where('training_session_id', $row->id)->exists())) {
                    continue;
                }
                $row = $this->session($file, $week, $place, $blocks, $row);
                $slots = [...array_values(array_filter($slots, static fn(array $slot): bool => $slot['session'] !== $row->id)), [
                    'id' => ProgramAtHand::slotId($week->monday, $place->id),
                    'session' => $row->id,
                    'day' => $place->cell->day,
                    'part' => $place->cell->part->value,
                    'placement' => $place->placement->value,
                    'effort' => $place->effort,
                    'only' => $monday,
                    'since' => $hand->today()->iso(),
                ]];
            }
            // What is usual on these weeks steps back: it can be brought back in the week.
            $usual = array_filter($slots, static fn(array $slot): bool => $slot['only'] === null);
            $moves = array_values(array_filter($plan->moves, static fn(array $move): bool => $move['monday'] !== $monday));
            foreach ($usual as $slot) {
                $moves[] = ['slot' => $slot['id'], 'monday' => $monday, 'day' => null, 'part' => null, 'placement' => null, 'effort' => null];
            }
            $plan->fill(['slots' => $slots, 'moves' => $moves, 'version' => $plan->version + 1])->save();
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
            'title' => "Week {$week->number}, {$place->cell->inWords()}",
            'minutes' => $place->minutes,
            'blocks' => array_map(static fn(WrittenBlock $block): array => $block->toArray(), $blocks),
            'rung_snapshots' => $snapshots,
            'library_version' => $file->record->library->version,
            'total_seconds' => $file->record->read($blocks)->session?->timeline()->totals()->total(),
            'origin' => "from the program, week {$week->number}",
            'program_monday' => $week->monday->iso(),
            'program_slot' => $place->id,
        ];
        if ($row !== null) {
            $row->update([...$columns, 'version' => $row->version + 1]);

            return $row;
        }

        return TrainingSession::query()->create(['id' => self::ulid(), 'person_id' => $file->person->id, 'version' => 1, ...$columns]);
    }

    private static function ulid(): string
    {
        return strtolower((string) Str::ulid());
    }
}
