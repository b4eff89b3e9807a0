<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Api\Reads;
use App\Http\Shared\PageRequest;
use App\Models\Access;
use App\Models\Erasure;
use App\Models\Person;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;

/** What became of the records of the practice: who read and changed them, and which are at their end. For its owner alone. */
final readonly class AccessController
{
    /** So many days a backup may be old before the owner is told. */
    private const BACKUP_DAYS = 7;

    /** The newest first, page by page; of one person where one is named. */
    #[Reads('/api/practice/access', 'access', AccessesView::class, queries: ['with', 'after'])]
    public function __invoke(PageRequest $input): JsonResponse
    {
        $with = $input->text('with');
        $page = Access::query()->when($with !== '', static fn(Builder $rows) => $rows->where('person_id', $with))->with(['person', 'user'])
            ->orderByDesc('day')->orderByDesc('id')->cursorPaginate(PageRequest::LINES, ['*'], 'after', $input->page());

        $backup = $input->by()->practice->backed_up_at;

        return new JsonResponse(new AccessesView(
            lines: array_map(AccessView::of(...), array_values($page->items())),
            next: $page->nextCursor()?->encode(),
            backedUpAt: $backup?->toIso8601ZuluString(),
            isBackupOld: $backup === null || $backup->lt(now()->subDays(self::BACKUP_DAYS)),
            erasures: $input->page() === null ? self::erasures($input->by()) : [],
        ));
    }

    /** @return list<ErasureView> */
    private static function erasures(User $owner): array
    {
        $names = User::query()->where('practice_id', $owner->practice_id)->pluck('name', 'id');
        $name = static fn(?string $id): string => (string) ($names[$id] ?? '');
        $waiting = Person::query()->whereNotNull('erase_on')->orderBy('erase_on')->orderBy('id')->limit(PageRequest::LINES)->get();
        $erased = Erasure::query()->orderByDesc('erased_on')->orderByDesc('id')->limit(PageRequest::LINES)->get();

        return [
            ...array_values($waiting->map(static fn(Person $person): ErasureView => new ErasureView(person: $person->id, name: $person->name, on: (string) $person->erase_on, by: $name($person->erase_asked_by)))->all()),
            ...array_values($erased->map(static fn(Erasure $row): ErasureView => new ErasureView(person: null, name: '', on: $row->erased_on, by: $name($row->user_id)))->all()),
        ];
    }
}
