<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Actions\ErasePerson;
use App\Api\Reads;
use App\Api\Removes;
use App\Models\Access;
use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonCopy;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A person's whole record: a copy to hand over, and its end. For the owner of the practice alone. */
final readonly class RecordController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/record', 'personCopy', media: 'application/zip')]
    public function copy(Person $person, PersonCopy $copy, #[CurrentUser] User $user): BinaryFileResponse
    {
        $today = PracticeClock::of($user)->today()->iso();
        Access::note($user, $person->id, $today, null, isCopy: true);
        $name = (Str::slug($person->name) ?: 'record')."-{$today}.zip";

        return response()->download($copy->write($person, $user), $name, ['Content-Type' => 'application/zip', 'Cache-Control' => 'no-store, private'])->deleteFileAfterSend();
    }

    /** Asks for the end of a record: put away at once, erased after thirty days, until which they can be brought back. */
    #[Removes('/api/people/{person}/record', 'erasePerson', PersonView::class)]
    public function erase(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        if ($person->erase_on === null) {
            $person->update([
                'erase_on' => PracticeClock::of($user)->today()->plusDays(ErasePerson::AFTER_DAYS)->iso(),
                'erase_asked_by' => $user->id,
                'archived_at' => $person->archived_at ?? now(),
            ]);
        }

        return $this->answer($person, $user);
    }

    private function answer(Person $person, User $by): JsonResponse
    {
        return new JsonResponse((new PersonPage($this->open->of($person, $by)))->view());
    }
}
