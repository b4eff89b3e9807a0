<?php

declare(strict_types=1);

namespace App\Actions;

use App\Library\PracticeLibrary;
use App\Models\Placement;
use App\Models\User;
use App\Records\Dossier;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;

/** Writes a move on a ladder as a new row; nothing earlier is touched. */
final readonly class Placing
{
    public function __construct(private PracticeLibrary $ladders) {}

    public function record(Dossier $dossier, Rung $rung, Side $side, User $by, string $id, string $reason, bool $stopped = false, ?string $decision = null): Placement
    {
        return Placement::query()->create([
            'id' => $id,
            'person_id' => $dossier->person->id,
            'ladder' => $rung->ladder,
            'side' => $side->value,
            'rung' => $rung->slug,
            'rung_snapshot' => $this->ladders->snapshot($rung->slug),
            'library_version' => $dossier->library->version,
            'stopped' => $stopped,
            'reason' => $reason,
            'decision_id' => $decision,
            'placed_on' => $dossier->today()->iso(),
            'time_zone' => $dossier->clock->timeZone(),
            'user_id' => $by->id,
            'sequence' => $dossier->clock->sequence(),
        ]);
    }
}
