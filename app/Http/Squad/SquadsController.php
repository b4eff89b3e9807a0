<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Actions\KeepSquad;
use App\Actions\WriteSquadSessions;
use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\SavedView;
use App\Models\Squad;
use App\Models\User;
use App\Records\OpenSquad;
use App\Time\PracticeClock;
use EvenRungs\Week\Meeting;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Squads: people who train together on one clock, each on their own rungs. */
final readonly class SquadsController
{
    public function __construct(private OpenSquad $open, private KeepSquad $keep) {}

    #[Reads('/api/squads', 'squads', SquadsView::class)]
    public function index(): JsonResponse
    {
        $rows = Squad::query()->withCount('present')->orderBy('name')->orderBy('id')->limit(KeepSquad::MOST)->get();

        return new JsonResponse(new SquadsView(array_values($rows->map(static fn(Squad $row): SquadLineView => new SquadLineView(id: $row->id, name: $row->name, people: (int) $row->present_count, stations: count($row->stations), meets: array_map(static fn(Meeting $at): string => $at->cell->inWords(), $row->meetings())))->all())));
    }

    /** A new squad: with a station for every demand of the week, and the clock of its people's levels. */
    #[Writes('/api/squads', 'beginSquad', SavedView::class, NewSquadRequest::class, 201)]
    public function store(NewSquadRequest $input): JsonResponse
    {
        $row = Squad::withTrashed()->find($input->text('id'));
        if ($row === null && Squad::query()->count() >= KeepSquad::MOST) {
            throw Problem::conflict('too-many-squads', 'There are '.KeepSquad::MOST.' squads already: let go of one that trains no more.');
        }
        $row ??= $this->keep->begin($input->text('id'), $input->text('name'), $input->people(), PracticeClock::of($input->by())->today(), $input->by());

        return new JsonResponse(new SavedView($row->id), 201);
    }

    #[Reads('/api/squads/{squad}', 'squad', SquadView::class)]
    public function show(Squad $squad, #[CurrentUser] User $user): JsonResponse
    {
        return $this->answer($squad, $user);
    }

    #[Changes('/api/squads/{squad}', 'changeSquad', SquadView::class, SquadRequest::class)]
    public function update(Squad $squad, SquadRequest $input): JsonResponse
    {
        if (! $this->keep->change($squad, $input->integer('version'), $input->columns($squad), $input->line(), PracticeClock::of($input->by())->today(), $input->by())) {
            throw Problem::changedMeanwhile('This squad', $this->view($squad->refresh(), $input->by()));
        }

        return $this->answer($squad->refresh(), $input->by());
    }

    /** Lets go of a squad; it can be brought back for 30 days, and what its people did stays. */
    #[Removes('/api/squads/{squad}', 'letGoOfSquad')]
    public function destroy(Squad $squad, #[CurrentUser] User $user): Response
    {
        $this->keep->letGo($squad, $user);

        return new Response(status: 204);
    }

    #[Writes('/api/squads/{squad}/restore', 'bringSquadBack', SavedView::class)]
    public function restore(string $squad, #[CurrentUser] User $user): JsonResponse
    {
        $row = Squad::onlyTrashed()->where('deleted_at', '>=', now()->subDays(Squad::DAYS_KEPT))->findOrFail($squad);
        $this->keep->bringBack($row, $user);

        return new JsonResponse(new SavedView($row->id));
    }

    /** When in the week it could meet, and what stands against each time for whom. */
    #[Reads('/api/squads/{squad}/times', 'squadTimes', SquadTimesView::class)]
    public function times(Squad $squad, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(SquadTimesView::of($this->open->of($squad, $user)));
    }

    /** Writes for everybody who is here the session they do now, each on their own rungs. */
    #[Writes('/api/squads/{squad}/sessions', 'writeSquadSessions', SquadView::class)]
    public function write(Squad $squad, WriteSquadSessions $sessions, #[CurrentUser] User $user): JsonResponse
    {
        $file = $this->open->of($squad, $user);
        if ($file->squad->starts($file->here) === []) {
            throw Problem::conflict('nobody-trains', 'Nobody of this squad can train today: nothing was written.');
        }
        $sessions->write($file, $user);

        return $this->answer($squad, $user);
    }

    private function answer(Squad $row, User $by): JsonResponse
    {
        return new JsonResponse($this->view($row, $by));
    }

    private function view(Squad $row, User $by): SquadView
    {
        return (new SquadPage($this->open->of($row, $by)))->view();
    }
}
