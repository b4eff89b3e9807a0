<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\Writes;
use App\Models\AlignmentCheck;
use App\Models\BraceTest;
use App\Models\Climb;
use App\Models\Person;
use App\Models\Photo;
use App\Models\TimedHold;
use Illuminate\Http\Response;

/** Brings a test back that was taken back by mistake: its row stayed, and counts again from when it was done. */
final readonly class TakenBackController
{
    private const TESTS = ['holds' => TimedHold::class, 'climbs' => Climb::class, 'brace' => BraceTest::class, 'alignments' => AlignmentCheck::class];

    #[Writes('/api/people/{person}/tests/{kind}/{test}/bring-back', 'bringTestBack', status: 204)]
    public function bringBack(Person $person, string $kind, string $test): Response
    {
        $tests = self::TESTS[$kind] ?? abort(404);
        $row = $tests::query()->where('person_id', $person->id)->findOrFail($test);
        $row->update(['undone_at' => null]);
        // A picture that was let go of meanwhile does not come back.
        if ($row instanceof AlignmentCheck && Photo::query()->whereNull('undone_at')->whereKey($row->photo_id)->doesntExist()) {
            $row->update(['photo_id' => null]);
        }

        return new Response(status: 204);
    }
}
