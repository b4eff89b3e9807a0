<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Actions\Placing;
use App\Api\Changes;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\LimitInput;
use App\Http\Shared\ReasonView;
use App\Models\Person;
use App\Models\Placement;
use App\Models\SetUp;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\Standpoint;
use EvenRungs\Balance\BoardChange;
use EvenRungs\Balance\Displaced;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Screening\State;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class BoardController
{
    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/board', 'board', BoardView::class)]
    public function show(Person $person, Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse((new BoardPage($this->open->of($person, $user)))->view());
    }

    #[Reads('/api/people/{person}/path', 'path', PathView::class)]
    public function path(Person $person, Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse((new PathPage($this->open->of($person, $user)))->view());
    }

    /** The whole board under other limits or kit; nothing is saved. */
    #[Writes('/api/people/{person}/board/preview', 'previewBoard', BoardChangeView::class, BoardChangeRequest::class)]
    public function preview(Person $person, BoardChangeRequest $input): JsonResponse
    {
        $dossier = $this->open->of($person, $input->by());
        $limits = array_map(static fn(LimitInput $limit): Limit => State::from($limit->state)->limit(Side::from($limit->side), 'not saved yet', $limit->cleared && $dossier->isCleared()), $input->limits());
        $change = BoardChange::between(
            $dossier->library,
            array_map(static fn(Standpoint $here): Position => new Position($here->rung, $here->side), $dossier->standpoints()),
            $dossier->circumstances(),
            $dossier->circumstancesWith($limits, array_map(Kit::from(...), $input->texts('kit'))),
        );

        return new JsonResponse(new BoardChangeView(
            $change->inWords(),
            count($change->closing),
            count($change->opening),
            array_map(static fn(Displaced $one): LimitEffectView => new LimitEffectView(
                $one->stand->rung->ladder,
                $dossier->library->ladder($one->stand->rung->ladder)->name,
                $one->stand->side->value,
                $one->stand->rung->name,
                $one->instead === null ? null : SubstituteView::of($one->instead),
                ReasonView::of($one->reason),
            ), $change->displaced),
            array_map(static fn(Demand $demand): string => $demand->shortName(), $change->leftOpen),
        ));
    }

    #[Writes('/api/people/{person}/placements', 'place', PlacedView::class, PlacementRequest::class, 201)]
    public function store(Person $person, PlacementRequest $input, Placing $placing): JsonResponse
    {
        $dossier = $this->open->of($person, $input->by());
        $rung = $dossier->library->rung($input->text('rung'));
        $side = Side::from($input->text('side'));
        $known = Placement::query()->find($input->text('id'));
        if ($known === null) {
            Problem::whenClosed($dossier->standing());
            if ($side !== Side::Both && $rung->sidedness === Sidedness::Both) {
                throw Problem::field('side', "“{$rung->name}” is done with both sides at once: there is no {$side->value} side to place.");
            }
            $ruling = $dossier->circumstances()->rule($rung);
            if (! $ruling->openOn($side)) {
                throw Problem::field('rung', $ruling->reasons[0]->sentence);
            }
            if ($dossier->isStopped($rung->ladder) && $input->text('reason') === '') {
                throw Problem::field('reason', 'This ladder was stopped: say why it is reopened.');
            }
            $known = $placing->record($dossier, $rung, $side, $input->by(), $input->text('id'), $input->text('reason'));
        }

        return new JsonResponse(new PlacedView($known->id, "{$person->name} stands on “{$rung->name}”".($side === Side::Both ? '.' : ", {$side->value} side.")), 201);
    }

    /** Writes how the person sets up a rung; an empty text takes it away. */
    #[Changes('/api/people/{person}/set-ups', 'setUp', SetUpView::class, SetUpRequest::class)]
    public function setUp(Person $person, SetUpRequest $input): JsonResponse
    {
        $rung = $this->open->of($person, $input->by())->library->rung($input->text('rung'));
        $row = SetUp::query()->where('person_id', $person->id)->where('rung', $rung->slug)->first();
        if (($row->version ?? 0) !== $input->integer('version')) {
            throw Problem::changedMeanwhile('This set-up', new SetUpView($rung->slug, $row->text ?? '', $row->version ?? 0));
        }
        $row = SetUp::query()->updateOrCreate(['person_id' => $person->id, 'rung' => $rung->slug], ['text' => $input->text('text'), 'version' => $input->integer('version') + 1, 'user_id' => $input->by()->id]);

        return new JsonResponse(new SetUpView($rung->slug, $row->text, $row->version));
    }

    /** Takes a placing by hand back; the row stays, marked as taken back. */
    #[Removes('/api/people/{person}/placements/{placement}', 'takePlacingBack')]
    public function destroy(Person $person, Placement $placement): Response
    {
        abort_unless($placement->person_id === $person->id, 404);
        if ($placement->decision_id !== null) {
            throw Problem::conflict('from-decision', 'This move came from a decision: take the decision back instead.');
        }
        $placement->update(['undone_at' => now()]);

        return new Response(status: 204);
    }
}
