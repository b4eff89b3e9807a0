<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Api\Reads;
use App\Http\Shared\PageRequest;
use App\Models\PersonLine;
use App\Records\PersonLines;
use App\Records\Words;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Person\Step;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Everyone of the practice. */
final readonly class PeopleController
{
    /** Those looked for by beginnings of words of name, work, hobby or aim, and by what wants attention; by name, page by page. */
    #[Reads('/api/people', 'people', PeopleView::class, queries: ['q', 'show', 'after'])]
    public function index(PageRequest $input, PersonLines $lines): JsonResponse
    {
        // Who types a name waits for nobody else's line.
        if ($input->words() === []) {
            $lines->freshen($input->by(), PersonLines::FRESHEN_MS);
        }
        $show = $input->text('show');
        $rows = PersonLine::query()->where('archived', $show === 'put-away')
            ->when(in_array($show, ['stop', 'decide', 'due', 'uneven'], true), static fn(Builder $query) => $query->where($show, true));
        foreach ($input->words() as $word) {
            $rows->whereIn('person_id', DB::table('person_words')->select('person_id')->where('practice_id', $input->by()->practice_id)->where('word', 'like', mb_substr($word, 0, Words::LONGEST).'%'));
        }
        $page = $rows->orderBy('name')->orderBy('person_id')->cursorPaginate(PageRequest::LINES, ['*'], 'after', $input->page());

        return new JsonResponse(new PeopleView(
            people: array_map(self::line(...), array_values($page->items())),
            next: $page->nextCursor()?->encode(),
            counts: $input->words() === [] && $input->page() === null ? self::counts() : null,
        ));
    }

    private static function counts(): PeopleCountsView
    {
        $here = PersonLine::query()->where('archived', false)->toBase()->selectRaw('COUNT(*) AS everyone, COALESCE(SUM(stop), 0) AS stop, COALESCE(SUM(decide), 0) AS decide, COALESCE(SUM(due), 0) AS due, COALESCE(SUM(uneven), 0) AS uneven')->first();
        $count = static fn(string $of): int => is_numeric($here->{$of} ?? null) ? (int) $here->{$of} : 0;

        return new PeopleCountsView(everyone: $count('everyone'), stop: $count('stop'), decide: $count('decide'), due: $count('due'), uneven: $count('uneven'), putAway: PersonLine::query()->where('archived', true)->count());
    }

    private static function line(PersonLine $row): PersonLineView
    {
        return new PersonLineView(
            id: $row->person_id,
            name: $row->name,
            about: $row->isUnreadable() ? $row->said['sentence'] : $row->about,
            aimText: Aim::tryFrom($row->aim)?->label() ?? '',
            flags: $row->flags(),
            step: Step::from($row->said['step']),
            spread: $row->spread === null ? null : Height::tenthsLabel($row->spread),
            weakest: $row->weakest === null ? null : Demand::from($row->weakest)->shortName(),
            lastDone: $row->last_done,
            archivedOn: $row->archived_on,
        );
    }
}
