<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Program;
use App\Models\User;
use App\Records\PersonFile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;

/** Keeps a version of a person's program. The newest holds; nothing that was kept before is overwritten. */
final readonly class KeepProgram
{
    /** @param list<WrittenWeek> $weeks */
    public function keep(PersonFile $file, ProgramAtHand $hand, string $id, array $weeks, WrittenRequest $wish, string $why, User $by): void
    {
        $names = [];
        foreach ($weeks as $week) {
            foreach ($week->rungs() as $slug) {
                $rung = $hand->record->library->has($slug) ? $hand->record->library->rung($slug) : null;
                $names[$slug] = $rung === null
                    ? $hand->present()->rungNames[$slug] ?? ['name' => $slug, 'tenths' => 10]
                    : ['name' => $rung->name, 'tenths' => $rung->height->tenths];
            }
        }
        Program::query()->firstOrCreate(['id' => $id], [
            'person_id' => $file->person->id,
            'wish' => $wish->toArray(),
            'weeks' => array_map(static fn(WrittenWeek $week): array => $week->toArray(), $weeks),
            'rung_names' => $names,
            'library_version' => $hand->record->library->version,
            'why' => $why,
            'begins_on' => $weeks === [] ? null : min(array_map(static fn(WrittenWeek $week): string => $week->monday->iso(), $weeks)),
            'ends_on' => $weeks === [] ? null : max(array_map(static fn(WrittenWeek $week): string => $week->monday->plusDays(6)->iso(), $weeks)),
            'made_on' => $hand->today()->iso(),
            'time_zone' => $file->clock->timeZone(),
            'user_id' => $by->id,
            'sequence' => $file->clock->sequence(),
        ]);
    }
}
