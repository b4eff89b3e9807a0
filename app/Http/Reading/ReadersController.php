<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\PageRequest;
use App\Http\Shared\WordsRequest;
use App\Models\Person;
use App\Models\ReaderNote;
use App\Models\Readership;
use App\Models\User;
use App\Time\PracticeClock;
use EvenRungs\Person\SharedPart;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;

/** Sharing a person with the readers of the practice, and what is written between them: for trainers. */
final readonly class ReadersController
{
    #[Reads('/api/people/{person}/readers', 'readers', ReadersView::class, queries: ['after'])]
    public function show(Person $person, PageRequest $input): JsonResponse
    {
        return $this->answer($person, $input->by(), after: $input->page());
    }

    /** Shares parts of the record; what was shared with this reader before ends. */
    #[Changes('/api/people/{person}/readers/{reader}', 'share', ReadersView::class, ReadershipRequest::class)]
    public function share(Person $person, string $reader, ReadershipRequest $input): JsonResponse
    {
        $user = $this->readers($input->by())->whereNull('ended_at')->findOrFail($reader);
        [$parts, $until] = [array_column($input->parts(), 'value'), $input->text('until') === '' ? null : $input->text('until')];
        $present = self::present($person, $user->id);
        if ($present === null || $present->parts !== $parts || $present->until !== $until) {
            $clock = PracticeClock::of($input->by());
            self::close($person, $user->id, $input->by());
            Readership::query()->create(['person_id' => $person->id, 'reader_id' => $user->id, 'parts' => $parts, 'until' => $until, 'user_id' => $input->by()->id, 'on_day' => $clock->today()->iso(), 'time_zone' => $clock->timeZone(), 'sequence' => $clock->sequence()]);
        }

        return $this->answer($person, $input->by());
    }

    /** The reader sees nothing of the person any more; what they wrote stays. */
    #[Removes('/api/people/{person}/readers/{reader}', 'endSharing', ReadersView::class)]
    public function end(Person $person, string $reader, #[CurrentUser] User $by): JsonResponse
    {
        self::close($person, $this->readers($by)->findOrFail($reader)->id, $by);

        return $this->answer($person, $by);
    }

    /** A few words to a reader; whoever answers has read what they wrote. */
    #[Writes('/api/people/{person}/readers/{reader}/notes', 'writeReader', ReadersView::class, WordsRequest::class, 201)]
    public function write(Person $person, string $reader, WordsRequest $input): JsonResponse
    {
        $user = $this->readers($input->by())->findOrFail($reader);
        $today = PracticeClock::of($input->by())->today()->iso();
        if (Readership::holding($today)->where('person_id', $person->id)->where('reader_id', $user->id)->doesntExist()) {
            throw Problem::conflict('not-shared', "{$user->name} is shown nothing of this person just now, and would not read it: share the record first.");
        }
        ReaderNotes::write($person, $user->id, $input->by(), $input->text('id'), $input->text('text'));

        return $this->answer($person, $input->by(), 201);
    }

    /** That a reader's note was read, or that it waits again. */
    #[Changes('/api/people/{person}/notes/{note}', 'markNote', ReadersView::class, MarkNoteRequest::class)]
    public function mark(Person $person, ReaderNote $note, MarkNoteRequest $input): JsonResponse
    {
        abort_unless($note->person_id === $person->id && $note->isReaders(), 404);
        $isRead = $input->boolean('read');
        if ($isRead !== ($note->read_at !== null)) {
            $note->update(['read_at' => $isRead ? now() : null, 'read_by' => $isRead ? $input->by()->id : null]);
        }

        return $this->answer($person, $input->by());
    }

    /** Takes one's own note back. */
    #[Removes('/api/people/{person}/notes/{note}', 'takeNoteBack', ReadersView::class)]
    public function takeBack(Person $person, ReaderNote $note, #[CurrentUser] User $by): JsonResponse
    {
        ReaderNotes::takeBack($person, $note, $by);

        return $this->answer($person, $by);
    }

    private static function present(Person $person, string $reader): ?Readership
    {
        return Readership::query()->where('person_id', $person->id)->where('reader_id', $reader)->whereNull('ended_at')->first();
    }

    private static function close(Person $person, string $reader, User $by): void
    {
        self::present($person, $reader)?->update(['ended_at' => now(), 'ended_by' => $by->id]);
    }

    /** @return Builder<User> */
    private function readers(User $by): Builder
    {
        return User::query()->where('practice_id', $by->practice_id)->where('role', User::READER);
    }

    private function answer(Person $person, User $by, int $status = 200, ?string $after = null): JsonResponse
    {
        $today = PracticeClock::of($by)->today()->iso();
        $rows = Readership::query()->where('person_id', $person->id)->whereNull('ended_at')->get()->keyBy('reader_id');
        $readers = $this->readers($by)->whereNull('ended_at')->whereNull('invited_at')->orderBy('name')->orderBy('id')->get();
        $notes = ReaderNotes::page($person, $by, $after);

        return new JsonResponse(new ReadersView(
            readers: array_values($readers->map(static fn(User $reader): ReaderView => ReaderView::of($reader, $rows->get($reader->id), $today))->all()),
            parts: array_map(static fn(SharedPart $part): ChoiceView => new ChoiceView(value: $part->value, label: $part->label()), SharedPart::cases()),
            waiting: ReaderNotes::waiting($person, $by),
            notes: $notes->notes,
            next: $notes->next,
        ), $status);
    }
}
