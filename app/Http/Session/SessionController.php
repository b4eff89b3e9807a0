<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Library\PracticeLibrary;
use App\Models\Person;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use App\Time\PracticeClock;
use EvenRungs\Session\ReadItem;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\WrittenBlock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Writing sessions, and handing them over as a sheet and a cue sheet. Closed while a danger sign stands. */
final readonly class SessionController
{
    public function __construct(private OpenPerson $open, private PracticeLibrary $ladders) {}

    #[Reads('/api/people/{person}/sessions', 'sessions', SessionListView::class)]
    public function index(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        $last = SessionLog::query()->where('person_id', $person->id)->orderBy('sequence')->pluck('done_on', 'training_session_id');

        return new JsonResponse(new SessionListView(sessions: array_values($person->trainingSessions->map(static function (TrainingSession $row) use ($last): SessionLineView {
            $done = $last[$row->id] ?? null;

            return new SessionLineView(id: $row->id, title: $row->title, changedAt: (string) $row->updated_at?->toIso8601ZuluString(), lastDone: is_string($done) ? $done : null);
        })->all()), next: PersonFile::sessionOf($person, PracticeClock::of($user)->today())?->id));
    }

    #[Writes('/api/people/{person}/sessions/preview', 'previewSession', PreviewView::class, PreviewRequest::class)]
    public function preview(string $person, PreviewRequest $input): JsonResponse
    {
        return new JsonResponse((new SessionPage($this->planning($person, $input), $input->minutes()))->preview($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions', 'writeSession', SavedSessionView::class, SessionRequest::class, 201)]
    public function store(Person $person, SessionRequest $input): JsonResponse
    {
        $file = $this->planning($person, $input);
        $row = TrainingSession::query()->find($input->text('id'))
            ?? TrainingSession::query()->create(['id' => $input->text('id'), 'person_id' => $person->id, 'version' => 1, ...$this->columns($file, $input)]);

        return new JsonResponse(SavedSessionView::of($row), 201);
    }

    #[Reads('/api/people/{person}/sessions/{session}', 'session', SessionView::class)]
    public function show(Person $person, TrainingSession $session, Request $request): JsonResponse
    {
        return new JsonResponse((new SessionPage($this->planning($person, $request)))->saved($this->owned($person, $session)));
    }

    #[Changes('/api/people/{person}/sessions/{session}', 'changeSession', SavedSessionView::class, SessionRequest::class)]
    public function update(Person $person, TrainingSession $session, SessionRequest $input): JsonResponse
    {
        $file = $this->planning($person, $input);
        $columns = array_map(static fn(mixed $value): mixed => is_array($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value, $this->columns($file, $input));
        $changed = TrainingSession::query()->whereKey($this->owned($person, $session)->id)->where('version', $input->integer('version'))
            ->update([...$columns, 'version' => $input->integer('version') + 1, 'updated_at' => now()]);
        $session->refresh();
        if ($changed !== 1) {
            throw Problem::changedMeanwhile('This session', (new SessionPage($file))->saved($session));
        }

        return new JsonResponse(SavedSessionView::of($session));
    }

    private function planning(Person|string $person, Request $request): PersonFile
    {
        /** @var User $user */
        $user = $request->user();
        $file = $this->open->forPlanning($person instanceof Person ? $person->id : $person, $user);
        Problem::whenClosed($file->record->admission());

        return $file;
    }

    private function owned(Person $person, TrainingSession $session): TrainingSession
    {
        abort_unless($session->person_id === $person->id, 404);

        return $session;
    }

    /**
     * What is saved: every dose readable, every rung open to the person, no stopped ladder.
     *
     * @return array<string, mixed>
     */
    private function columns(PersonFile $file, SessionRequest $input): array
    {
        $read = (new SessionPage($file))->read($input->blocks());
        $snapshots = [];
        foreach ($read->items as $block => $items) {
            foreach ($items as $index => $item) {
                $this->refuseItem($file, $item, "blocks.{$block}.items.{$index}");
                $snapshots[$item->rung->slug] = $this->ladders->snapshot($item->rung->slug);
            }
        }
        $written = self::stored($read);

        return ['title' => $input->text('title'), 'minutes' => $input->minutes(), 'blocks' => $written, 'rung_snapshots' => $snapshots, 'library_version' => $file->record->library->version];
    }

    private function refuseItem(PersonFile $file, ReadItem $item, string $path): void
    {
        if ($item->problem !== null) {
            throw Problem::field("{$path}.dose", "{$item->rung->name}: {$item->problem->getMessage()}");
        }
        $ruling = $file->record->circumstances()->rule($item->rung);
        if (! $ruling->openSomewhere()) {
            throw Problem::field("{$path}.rung", $ruling->reasons[0]->sentence);
        }
        if ($file->record->isStopped($item->rung->ladder)) {
            throw Problem::field("{$path}.rung", "“{$item->rung->name}” is on a ladder that was stopped after pain: reopen it on the board, with a reason, first.");
        }
    }

    /** @return list<array<string, mixed>> */
    private static function stored(ReadSession $read): array
    {
        return array_map(static fn(WrittenBlock $block): array => $block->toArray(), $read->written());
    }
}
