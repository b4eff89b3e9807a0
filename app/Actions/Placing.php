<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Placement;
use App\Models\User;
use App\Records\PersonFile;
use EvenRungs\Body\Side;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Rung;

/** Writes a move on a ladder as a new row; nothing earlier is touched. */
final readonly class Placing
{
    public function __construct(private PracticeLibrary $ladders) {}

    public function record(PersonFile $file, Rung $rung, Side $side, User $by, string $id, string $reason, bool $stopped = false, ?string $decision = null, ?Range $range = null, bool $guessed = false): Placement
    {
        return Placement::query()->create([
            'id' => $id,
            'person_id' => $file->person->id,
            'ladder' => $rung->ladder,
            'side' => $side->value,
            'rung' => $rung->slug,
            'range' => $rung->range === null ? null : ($range ?? $rung->range->smallest())->print(),
            'rung_snapshot' => $this->ladders->snapshot($rung->slug),
            'library_version' => $file->record->library->version,
            'stopped' => $stopped,
            'guessed' => $guessed,
            'reason' => $reason,
            'decision_id' => $decision,
            'placed_on' => $file->record->today->iso(),
            'time_zone' => $file->clock->timeZone(),
            'user_id' => $by->id,
            'sequence' => $file->clock->sequence(),
        ]);
    }
}
