<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Api\Reads;
use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use EvenRungs\Body\Height;
use EvenRungs\Person\Attention;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Everyone of the practice. */
final readonly class PeopleController
{
    /** Everyone, archived people among them, with what there is to filter by. */
    #[Reads('/api/people', 'people', PeopleView::class)]
    public function index(#[CurrentUser] User $user, OpenPerson $open): JsonResponse
    {
        $lines = $open->each($user, true, self::line(...), self::unreadable(...));
        usort($lines, static fn(PersonLineView $a, PersonLineView $b): int => [$a->archivedOn !== null, mb_strtolower($a->name)] <=> [$b->archivedOn !== null, mb_strtolower($b->name)]);

        return new JsonResponse(new PeopleView($lines));
    }

    /** What was kept of this person cannot be read: the line says so, with a number to quote. */
    private static function unreadable(Person $person, string $number): PersonLineView
    {
        return new PersonLineView(id: $person->id, name: $person->name, about: "cannot be read just now; quote {$number}", aimText: '', flags: [], spread: null, weakest: null, lastDone: null, archivedOn: $person->archived_at?->format('Y-m-d'));
    }

    private static function line(PersonFile $file): PersonLineView
    {
        $evenness = $file->record->evenness();

        return new PersonLineView(
            id: $file->person->id,
            name: $file->person->name,
            about: $file->person->about,
            aimText: $file->record->profile->aim->label(),
            flags: Attention::flags($file->record),
            spread: $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            weakest: $evenness->weakest?->shortName(),
            lastDone: $file->record->lastLog()?->on->iso(),
            archivedOn: $file->person->archived_at?->format('Y-m-d'),
        );
    }
}
