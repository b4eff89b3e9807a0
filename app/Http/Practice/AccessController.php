<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Api\Reads;
use App\Http\Shared\PageRequest;
use App\Models\Access;
use App\Models\Erasure;
use App\Models\Person;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;

/** What became of the records of the practice: who read and changed them, and which are at their end. For its owner alone. */
final class AccessController
{
    /** The newest first, page by page; of one person where one is named. */
    #[Reads('/api/practice/access', 'access', AccessesView::class, queries: ['with', 'after'])]
    public function index(PageRequest $input): JsonResponse
    {
        $with = $input->text('with');
        $page = Access::query()->when($with !== '', static fn(Builder $rows) => $rows->where('person_id', $with))->with(['person', 'user'])
            ->orderByDesc('day')->orderByDesc('id')->cursorPaginate(PageRequest::LINES, ['*'], 'after', $input->page());

        return new JsonResponse(new AccessesView(
            lines: array_map(AccessView::of(...), array_values($page->items())),
            next: $page->nextCursor()?->encode(),
        ));
    }

    #[Reads('/api/practice/erasures', 'erasures', ErasuresView::class)]
    public function erasures(#[CurrentUser] User $owner): JsonResponse
    {
        $names = User::query()->where('practice_id', $owner->practice_id)->pluck('name', 'id');
        $name = static fn(?string $id): string => (string) ($names[$id] ?? '');

        return new JsonResponse(new ErasuresView(
            waiting: array_values(Person::query()->whereNotNull('erase_on')->orderBy('erase_on')->orderBy('id')->limit(PageRequest::LINES)->get()->map(static fn(Person $person): ToEraseView => new ToEraseView(person: $person->id, name: $person->name, on: (string) $person->erase_on, by: $name($person->erase_asked_by)))->all()),
            erased: array_values(Erasure::query()->orderByDesc('erased_on')->orderByDesc('id')->limit(PageRequest::LINES)->get()->map(static fn(Erasure $row): ErasedView => new ErasedView(on: $row->erased_on, by: $name($row->user_id)))->all()),
        ));
    }
}
