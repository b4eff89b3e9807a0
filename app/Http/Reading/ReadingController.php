<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Shared\PageRequest;
use App\Http\Shared\WordsRequest;
use App\Models\Person;
use App\Models\ReaderNote;
use App\Models\Readership;
use App\Models\User;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** What a reader sees and writes: of those alone who are shared with them. */
final readonly class ReadingController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/reading', 'readings', ReadingsView::class, queries: ['after'])]
    public function index(PageRequest $input): JsonResponse
    {
        $reader = $input->by();
        $page = Person::query()->orderBy('name')->orderBy('id')->cursorPaginate(PageRequest::LINES, ['*'], 'after', $input->page());
        $ids = array_map(static fn(Person $person): string => $person->id, $page->items());
        $shared = Readership::holding(PracticeClock::of($reader)->today()->iso())->whereIn('person_id', $ids)->where('reader_id', $reader->id)->with('user:id,name')->get()->keyBy('person_id');
        $unread = ReaderNote::query()->whereIn('person_id', $ids)->where('reader_id', $reader->id)->where('user_id', '<>', $reader->id)->whereNull('read_at')->whereNull('undone_at')->get(['person_id'])->countBy('person_id');
        $lines = [];
        foreach ($page->items() as $person) {
            $row = $shared->get($person->id);
            if ($row !== null) {
                $lines[] = new ReadingLineView(person: $person->id, name: $person->name, about: $person->about, by: $row->user->name, since: $row->on_day, until: $row->until, unread: $unread->get($person->id, 0));
            }
        }

        return new JsonResponse(new ReadingsView(people: $lines, next: $page->nextCursor()?->encode()));
    }

    #[Reads('/api/reading/{person}', 'reading', ReadingView::class, queries: ['after'])]
    public function show(Person $person, PageRequest $input): JsonResponse
    {
        $answer = $this->answer($person, $input->by(), after: $input->page());
        ReaderNotes::readBy($person, $input->by()->id, $input->by());

        return $answer;
    }

    /** A note for the trainers. It changes nothing of the plan by itself. */
    #[Writes('/api/reading/{person}/notes', 'writeNote', ReadingView::class, WordsRequest::class, 201)]
    public function write(Person $person, WordsRequest $input): JsonResponse
    {
        ReaderNotes::write($person, $input->by()->id, $input->by(), $input->text('id'), $input->text('text'));

        return $this->answer($person, $input->by(), 201);
    }

    /** Takes one's own note back. */
    #[Removes('/api/reading/{person}/notes/{note}', 'takeOwnNoteBack', ReadingView::class)]
    public function takeBack(Person $person, ReaderNote $note, #[CurrentUser] User $reader): JsonResponse
    {
        ReaderNotes::takeBack($person, $note, $reader);

        return $this->answer($person, $reader);
    }

    private function answer(Person $person, User $reader, int $status = 200, ?string $after = null): JsonResponse
    {
        $row = Readership::holding(PracticeClock::of($reader)->today()->iso())->where('person_id', $person->id)->where('reader_id', $reader->id)->with('user:id,name')->firstOrFail();

        return new JsonResponse((new ReadingPage($this->open->of($person, $reader), $row, ReaderNotes::page($person, $reader, $after)))->view(), $status);
    }
}
