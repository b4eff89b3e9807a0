<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Api\Reads;
use App\Api\Writes;
use App\Http\Shared\WordsRequest;
use App\Messages\Outbox;
use App\Models\HomeMessage;
use App\Models\HomeNote;
use App\Models\Person;
use App\Models\User;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use EvenRungs\Home\MessageKind;
use EvenRungs\Home\NoteKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;

/** What goes between a person at home and their trainer beside what was done. */
final readonly class NotesController
{
    private const SHOWN = 30;

    public function __construct(private OpenPerson $open, private Outbox $outbox) {}

    #[Reads('/api/people/{person}/home-notes', 'homeNotes', HomeNotesView::class)]
    public function show(Person $person, #[CurrentUser] User $by): JsonResponse
    {
        return $this->answer($person, $by);
    }

    /** Sees to what was told, with or without an answer. */
    #[Writes('/api/people/{person}/home-notes/{note}/settle', 'settleHomeNote', HomeNotesView::class, SettleNoteRequest::class)]
    public function settle(Person $person, HomeNote $note, SettleNoteRequest $input): JsonResponse
    {
        abort_unless($note->person_id === $person->id && $note->kind !== NoteKind::Answer, 404);
        $isNew = HomeNote::query()->whereKey($note->id)->whereNull('settled_at')->update(['settled_at' => now()]) === 1;
        if ($isNew && $input->text('text') !== '') {
            $this->write($person, $input->by(), strtolower((string) Str::ulid()), $input->text('text'));
        }

        return $this->answer($person, $input->by());
    }

    /** A few words to the person, seen at the next opening. */
    #[Writes('/api/people/{person}/home-notes', 'writeHome', HomeNotesView::class, WordsRequest::class, 201)]
    public function store(Person $person, WordsRequest $input): JsonResponse
    {
        $this->write($person, $input->by(), $input->text('id'), $input->text('text'));

        return $this->answer($person, $input->by(), 201);
    }

    /** A message that did not arrive is seen to. */
    #[Writes('/api/people/{person}/home-messages/{message}/settle', 'settleMessage', HomeNotesView::class)]
    public function undelivered(Person $person, HomeMessage $message, #[CurrentUser] User $by): JsonResponse
    {
        abort_unless($message->person_id === $person->id, 404);
        $message->update(['settled_at' => now()]);

        return $this->answer($person, $by);
    }

    private function write(Person $person, User $by, string $id, string $text): void
    {
        $clock = PracticeClock::of($by);
        HomeNote::query()->firstOrCreate(['id' => $id], ['person_id' => $person->id, 'kind' => NoteKind::Answer, 'text' => $text, 'on_day' => $clock->today()->iso(), 'user_id' => $by->id, 'time_zone' => $clock->timeZone(), 'sequence' => $clock->sequence()]);
        $this->outbox->put($person, MessageKind::Answer, $id);
    }

    private function answer(Person $person, User $by, int $status = 200): JsonResponse
    {
        $file = $this->open->of($person->unsetRelations(), $by);
        $zone = $file->clock->timeZone();
        $rows = HomeNote::query()->with('session:id,title')->where('person_id', $person->id)->orderByRaw('(settled_at IS NULL AND kind <> ?) DESC', [NoteKind::Answer->value])->orderByDesc('sequence')->orderByDesc('id')->limit(self::SHOWN)->get();
        $failed = HomeMessage::query()->where('person_id', $person->id)->whereNull('user_id')->whereNotNull('failed_at')->whereNull('settled_at')->orderBy('failed_at')->limit(self::SHOWN)->get();
        $home = $file->record->history->home;

        return new JsonResponse(new HomeNotesView(
            notes: array_values($rows->map(HomeNoteView::of(...))->all()),
            quiet: $home->isQuiet($file->record->today) ? $home->quietSentence() : null,
            undelivered: array_values($failed->map(static fn(HomeMessage $row): UndeliveredView => new UndeliveredView(id: $row->id, kind: $row->kind, way: $row->way, on: (string) $row->failed_at?->setTimezone($zone)->format('Y-m-d')))->all()),
        ), $status);
    }
}
