<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\Writes;
use App\Models\AlignmentCheck;
use App\Models\BraceTest;
use App\Models\Clearance;
use App\Models\Climb;
use App\Models\Person;
use App\Models\Photo;
use App\Models\SheetStage;
use App\Models\TimedHold;
use Illuminate\Http\Response;

/** Brings back what was taken back or out by mistake: its row stayed, and counts again from when it was written. */
final readonly class TakenBackController
{
    private const KINDS = ['holds' => TimedHold::class, 'climbs' => Climb::class, 'brace' => BraceTest::class, 'alignments' => AlignmentCheck::class, 'clearances' => Clearance::class];

    #[Writes('/api/people/{person}/taken-back/{kind}/{row}', 'bringBack', status: 204)]
    public function bringBack(Person $person, string $kind, string $row): Response
    {
        if ($kind === 'stages') {
            SheetStage::withTrashed()->where('person_id', $person->id)->findOrFail($row)->restore();

            return new Response(status: 204);
        }
        $rows = self::KINDS[$kind] ?? abort(404);
        $back = $rows::query()->where('person_id', $person->id)->findOrFail($row);
        $back->update(['undone_at' => null]);
        // A picture that was let go of meanwhile does not come back.
        if ($back instanceof AlignmentCheck && Photo::query()->whereNull('undone_at')->whereKey($back->photo_id)->doesntExist()) {
            $back->update(['photo_id' => null]);
        }

        return new Response(status: 204);
    }
}
