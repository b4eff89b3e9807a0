<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\PageRequest;
use App\Library\PracticeLibrary;
use App\Models\Person;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\OwnWriting;
use App\Records\PersonFile;
use App\Records\SessionsAtHand;
use App\Time\PracticeClock;
use EvenRungs\Person\StoodThen;
use EvenRungs\Session\ReadItem;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenBlock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Writing sessions, and handing them over as a sheet and a cue sheet. Closed while a danger sign stands. */
final readonly class SessionController
{
    public function __construct(private OpenPerson $open, private PracticeLibrary $ladders) {}

    /** Newest first, page by page; the session at hand and the one that is asked for stand in the first page in any case. */
    #[Reads('/api/people/{person}/sessions', 'sessions', SessionListView::class, queries: ['after', 'with'])]
    public function index(Person $person, PageRequest $input): JsonResponse
    {
        $clock = PracticeClock::of($input->by());
        $zone = $clock->timeZone();
        $columns = ['id', 'title', 'created_at', 'updated_at', 'total_seconds', 'picks', 'origin'];
        $own = static fn(): Builder => TrainingSession::query()->where('person_id', $person->id)->select($columns)->orderByDesc('id');
        $page = $own()->cursorPaginate(PageRequest::LINES, $columns, 'after', $input->page());
        $rows = array_values($page->items());
        $next = SessionsAtHand::at($person->id, $clock->today())?->id;
        if ($input->page() === null) {
            $known = array_map(static fn(TrainingSession $row): string => $row->id, $rows);
            array_push($rows, ...array_values($own()->whereKey(array_diff(array_filter([$next, $input->text('with')]), $known))->get()->all()));
        }
        $last = SessionLog::query()->where('person_id', $person->id)->whereIn('training_session_id', array_map(static fn(TrainingSession $row): string => $row->id, $rows))->groupBy('training_session_id')->selectRaw('training_session_id, MAX(done_on) AS done_on')->pluck('done_on', 'training_session_id');

        return new JsonResponse(new SessionListView(
            sessions: array_map(static function (TrainingSession $row) use ($last, $zone): SessionLineView {
                $done = $last[$row->id] ?? null;

                return new SessionLineView(
                    id: $row->id,
                    title: $row->title,
                    madeOn: (string) $row->created_at?->setTimezone($zone)->format('Y-m-d'),
                    length: $row->total_seconds === null ? null : Totals::clock($row->total_seconds),
                    isToPick: $row->picks !== null,
                    origin: $row->origin,
                    changedAt: (string) $row->updated_at?->toIso8601ZuluString(),
                    lastDone: is_string($done) ? $done : null,
                );
            }, $rows),
            older: $page->nextCursor()?->encode(),
            deleted: self::deleted($person, $zone),
            next: $next,
        ));
    }

    /** Lets go of a session; it can be brought back for 30 days, and what was done in it stays. */
    #[Removes('/api/people/{person}/sessions/{session}', 'deleteSession')]
    public function destroy(Person $person, TrainingSession $session, #[CurrentUser] User $user): Response
    {
        $plan = Plan::query()->where('person_id', $person->id)->first()?->inCore();
        if ($plan?->places($this->owned($person, $session)->id, PracticeClock::of($user)->today()) === true) {
            throw Problem::conflict('placed', "“{$session->title}” stands in the week: take it out there first.");
        }
        $session->delete();

        return new Response(status: 204);
    }

    #[Writes('/api/people/{person}/sessions/{session}/restore', 'bringSessionBack', SavedSessionView::class)]
    public function restore(Person $person, string $session): JsonResponse
    {
        $row = TrainingSession::onlyTrashed()->where('person_id', $person->id)->where('deleted_at', '>=', now()->subDays(TrainingSession::DAYS_KEPT))->findOrFail($session);
        $row->restore();

        return new JsonResponse(SavedSessionView::of($row));
    }

    /** @return list<DeletedSessionView> that can still be brought back */
    private static function deleted(Person $person, string $zone): array
    {
        $rows = TrainingSession::onlyTrashed()->where('person_id', $person->id)->where('deleted_at', '>=', now()->subDays(TrainingSession::DAYS_KEPT))->orderByDesc('deleted_at')->get(['id', 'title', 'deleted_at']);

        return array_values($rows->map(static fn(TrainingSession $row): DeletedSessionView => new DeletedSessionView(id: $row->id, title: $row->title, deletedOn: (string) $row->deleted_at?->setTimezone($zone)->format('Y-m-d')))->all());
    }

    #[Writes('/api/people/{person}/sessions/preview', 'previewSession', PreviewView::class, PreviewRequest::class)]
    public function preview(string $person, PreviewRequest $input): JsonResponse
    {
        return new JsonResponse((new SessionPage($this->planning($person, $input), $input->minutes(), $input->picks()))->preview($input->blocks()));
    }

    #[Writes('/api/people/{person}/sessions', 'writeSession', SavedSessionView::class, SessionRequest::class, 201)]
    public function store(Person $person, SessionRequest $input): JsonResponse
    {
        $file = $this->planning($person, $input);
        $row = TrainingSession::withTrashed()->find($input->text('id'))
            ?? TrainingSession::query()->create(['id' => $input->text('id'), 'person_id' => $person->id, 'version' => 1, 'origin' => $input->input('origin'), ...$this->columns($file, $input)]);
        if ($row->person_id !== $person->id || $row->trashed()) {
            throw Problem::conflict('gone', 'This session was let go of: bring it back from the list of sessions, or begin a new one. Nothing was overwritten.');
        }

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
        $written = $this->columns($file, $input, $this->owned($person, $session));
        $columns = array_map(static fn(mixed $value): mixed => is_array($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value, $written);
        $changed = TrainingSession::query()->whereKey($session->id)->where('version', $input->integer('version'))
            ->update([...$columns, 'version' => $input->integer('version') + 1, 'updated_at' => now()]);
        $session->refresh();
        if ($changed !== 1 && ! OwnWriting::is($session, $input->integer('version'), $written)) {
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
     * What is saved: every dose readable, every rung open to the person, and none new of a stopped ladder.
     *
     * @param TrainingSession|null $before as it was saved last
     *
     * @return array<string, mixed>
     */
    private function columns(PersonFile $file, SessionRequest $input, ?TrainingSession $before = null): array
    {
        $read = (new SessionPage($file))->read($input->blocks());
        $snapshots = [];
        $known = $before->rung_snapshots ?? [];
        foreach ($read->items as $block => $items) {
            foreach ($items as $index => $item) {
                $this->refuseItem($file, $item, "blocks.{$block}.items.{$index}", isNew: ! isset($known[$item->rung->slug]));
                $snapshots[$item->rung->slug] = $this->ladders->snapshot($item->rung->slug);
            }
        }
        $written = array_map(static fn(WrittenBlock $block): array => $block->toArray(), StoodThen::on($read->written(), $file->record, $file->clock->sequence(), $before?->inCore()->blocks ?? []));

        return ['title' => $input->text('title'), 'minutes' => $input->minutes(), ...($input->has('picks') ? ['picks' => $input->input('picks')] : []), 'blocks' => $written, 'total_seconds' => $read->session === null ? null : SessionLength::of($read->session, $input->picks())->longest, 'rung_snapshots' => $snapshots, 'library_version' => $file->record->library->version];
    }

    private function refuseItem(PersonFile $file, ReadItem $item, string $path, bool $isNew): void
    {
        if ($item->problem !== null) {
            throw Problem::field("{$path}.dose", "{$item->rung->name}: {$item->problem->getMessage()}");
        }
        // What a limit or missing kit rules out may stand in the draft; it is marked, and reaches no sheet.
        foreach ($file->record->circumstances()->rule($item->rung)->objections as $objection) {
            if (! $objection->isLimitOrKit()) {
                throw Problem::field("{$path}.rung", $objection->reason->sentence);
            }
        }
        // What was written before its ladder was stopped may stay, and is left out: nobody has to take it out first to write on.
        if ($isNew && $file->record->isStopped($item->rung->ladder)) {
            throw Problem::field("{$path}.rung", "“{$item->rung->name}” is on a ladder that was stopped after pain: reopen it on the board, with a reason, first.");
        }
    }
}
