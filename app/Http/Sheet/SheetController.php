<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Api\Reads;
use App\Http\Problem;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Handing a session over as a sheet. Closed while a danger sign stands. */
final readonly class SheetController
{
    #[Reads('/api/people/{person}/sessions/{session}/sheet', 'sheet', SheetView::class)]
    public function show(Person $person, TrainingSession $session, #[CurrentUser] User $user, OpenPerson $open): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $open->forPlanning($person->id, $user);
        Problem::whenClosed($file->record->admission());

        return new JsonResponse((new SheetPage($file, $session))->view());
    }
}
