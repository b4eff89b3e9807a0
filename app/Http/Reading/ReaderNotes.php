<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Http\Problem;
use App\Http\Shared\PageRequest;
use App\Models\Person;
use App\Models\ReaderNote;
use App\Models\User;
use App\Time\PracticeClock;
use Illuminate\Database\Eloquent\Builder;

/** What is written between readers and trainers about a person; each reader sees their own alone. */
final readonly class ReaderNotes
{
    /** @param list<ReaderNoteView> $notes the newest first */
    private function __construct(public array $notes, public ?string $next) {}

    /** @param string|null $after where the page before ended */
    public static function page(Person $person, User $by, ?string $after): self
    {
        $rows = ReaderNote::query()->where('person_id', $person->id)->when($by->isReader(), static fn(Builder $rows) => $rows->where('reader_id', $by->id));
        $page = $rows->whereNull('undone_at')->with('writer:id,name')->orderByDesc('sequence')->orderByDesc('id')->cursorPaginate(PageRequest::LINES, ['*'], 'after', $after);

        return new self(array_map(static fn(ReaderNote $row): ReaderNoteView => ReaderNoteView::of($row, $by), array_values($page->items())), $page->nextCursor()?->encode());
    }

    /** @return list<ReaderNoteView> of readers, that no trainer has read yet, the oldest first */
    public static function waiting(Person $person, User $by): array
    {
        $rows = ReaderNote::unread($person->id)->with('writer:id,name')->limit(PageRequest::LINES)->get();

        return array_values($rows->map(static fn(ReaderNote $row): ReaderNoteView => ReaderNoteView::of($row, $by))->all());
    }

    /** Written once; one that was taken back stands again. */
    public static function write(Person $person, string $reader, User $by, string $id, string $text): void
    {
        $clock = PracticeClock::of($by);
        $note = ReaderNote::query()->firstOrCreate(['id' => $id], ['person_id' => $person->id, 'reader_id' => $reader, 'text' => $text, 'user_id' => $by->id, 'on_day' => $clock->today()->iso(), 'time_zone' => $clock->timeZone(), 'sequence' => $clock->sequence()]);
        $note->update(['undone_at' => null]);
        // Who answers has read.
        self::readBy($person, $reader, $by);
    }

    /** What the other side wrote was read. */
    public static function readBy(Person $person, string $reader, User $by): void
    {
        ReaderNote::query()->where('person_id', $person->id)->where('reader_id', $reader)->whereNull('read_at')->where('user_id', $by->isReader() ? '<>' : '=', $reader)->update(['read_at' => now(), 'read_by' => $by->id]);
    }

    /** Takes one's own back; the row stays, marked. What was read may have been acted on, and stays. */
    public static function takeBack(Person $person, ReaderNote $note, User $by): void
    {
        abort_unless($note->person_id === $person->id && $note->user_id === $by->id, 404);
        if ($note->read_at !== null && $note->undone_at === null) {
            throw Problem::conflict('read-already', 'This note was read already, and stays: write what holds in its place.');
        }
        $note->update(['undone_at' => now()]);
    }
}
