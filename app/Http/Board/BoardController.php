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
use App\Http\Shared\PageRequest;
use App\Http\Shared\ReasonView;
use App\Library\Figures;
use App\Models\Person;
use App\Models\Placement;
use App\Models\RungAllowance;
use App\Models\RungMark;
use App\Models\SetUp;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\OwnWriting;
use EvenRungs\Balance\BoardChange;
use EvenRungs\Balance\Displaced;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\InvalidDose;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Objection;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Progress\LeavingMark;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class BoardController
{
    /** So many rungs are named that fit in the place of one. */
    private const SUBSTITUTES = 3;

    public function __construct(private OpenPerson $open) {}

    #[Reads('/api/people/{person}/board', 'board', BoardView::class)]
    public function show(Person $person, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new BoardPage($this->open->of($person, $user)))->view());
    }

    #[Reads('/api/people/{person}/path', 'path', PathView::class, queries: ['after'])]
    public function path(Person $person, PageRequest $input): JsonResponse
    {
        return new JsonResponse((new PathPage($this->open->of($person, $input->by())))->view($input->page()));
    }

    #[Reads('/api/people/{person}/hardness/{ladder}/{rung}', 'hardness', HardnessView::class, queries: ['beside'])]
    public function hardness(Person $person, string $ladder, string $rung, Request $request, Library $library, Figures $figures, #[CurrentUser] User $user): JsonResponse
    {
        $beside = $request->string('beside')->toString();
        $here = $library->rung("{$ladder}/{$rung}");
        $there = $library->has($beside) ? $library->rung($beside) : null;
        // Only where a band can pull is it asked what was done.
        $pulls = $here->isPulled() || $there?->isPulled() === true ? $this->open->of($person, $user)->record->doses()->pulls() : [];
        $page = new HardnessPage($library, $figures, $person->mass === null ? null : (float) $person->mass, $person->stature === null ? null : (float) $person->stature, $pulls);

        return new JsonResponse($page->view($here, $there));
    }

    #[Reads('/api/people/{person}/instead/{ladder}/{rung}', 'instead', InsteadView::class)]
    public function instead(Person $person, string $ladder, string $rung, #[CurrentUser] User $user): JsonResponse
    {
        $record = $this->open->of($person, $user)->record;
        $ruledOut = $record->library->rung("{$ladder}/{$rung}");

        return new JsonResponse(new InsteadView(array_map(SubstituteView::of(...), Substitution::nearest($ruledOut, $record->library, $record->circumstances(), $record->standIns($ruledOut->demand), self::SUBSTITUTES))));
    }

    /** The whole board under other limits or kit; nothing is saved. */
    #[Writes('/api/people/{person}/board/preview', 'previewBoard', BoardChangeView::class, BoardChangeRequest::class)]
    public function preview(Person $person, BoardChangeRequest $input): JsonResponse
    {
        $file = $this->open->of($person, $input->by());
        $limits = array_map(static fn(LimitInput $limit): Limit => $limit->state->limit($limit->side, 'not saved yet', $limit->cleared && $file->record->isCleared()), $input->limits());
        $change = BoardChange::between(
            $file->record->library,
            $file->record->positions(),
            $file->record->circumstances(),
            $file->record->circumstancesWith($limits, array_map(Kit::from(...), $input->texts('kit'))),
        );

        return new JsonResponse(new BoardChangeView(
            sentence: $change->inWords(),
            closing: count($change->closing),
            opening: count($change->opening),
            changes: array_map(static fn(Displaced $one): LimitEffectView => new LimitEffectView(
                ladder: $one->stand->rung->ladder,
                ladderName: $file->record->library->ladder($one->stand->rung->ladder)->name,
                side: $one->stand->side,
                from: $one->stand->rung->name,
                to: $one->instead === null ? null : SubstituteView::of($one->instead),
                reason: ReasonView::of($one->reason),
            ), $change->displaced),
            leftOpen: array_map(static fn(Demand $demand): string => $demand->shortName(), $change->leftOpen),
        ));
    }

    #[Writes('/api/people/{person}/placements', 'place', PlacedView::class, PlacementRequest::class, 201)]
    public function store(Person $person, PlacementRequest $input, Placing $placing): JsonResponse
    {
        $file = $this->open->of($person, $input->by());
        $rung = $file->record->library->rung($input->text('rung'));
        $side = Side::from($input->text('side'));
        $known = Placement::query()->find($input->text('id'));
        if ($known === null) {
            Problem::whenClosed($file->record->admission());
            if ($side !== Side::Both && $rung->sidedness === Sidedness::Both) {
                throw Problem::field('side', "“{$rung->name}” is done with both sides at once: there is no {$side->value} side to place.");
            }
            $range = self::range($rung, $input->text('range'));
            $ruling = $file->record->circumstances()->rule($rung);
            if (! $ruling->openOn($side)) {
                throw Problem::field('rung', $ruling->reasons[0]->sentence);
            }
            if ($file->record->isStopped($rung->ladder) && $input->text('reason') === '') {
                throw Problem::field('reason', 'This ladder was stopped: say why it is reopened.');
            }
            $far = $input->boolean('far') ? null : $file->record->reach($rung->ladder)?->against($rung->at($range));
            if ($far !== null) {
                throw Problem::conflict('big-jump', $far->sentence);
            }
            $known = $placing->record($file, $rung, $side, $input->by(), $input->text('id'), $input->text('reason'), range: $range, guessed: $input->boolean('guessed'));
        }

        return new JsonResponse(new PlacedView(placement: $known->id, sentence: "{$person->name} stands on “{$rung->name}”".($side === Side::Both ? '.' : ", {$side->value} side.")), 201);
    }

    private static function range(Rung $rung, string $written): ?Range
    {
        if ($written === '') {
            return $rung->range?->smallest();
        }
        try {
            $range = Range::parse($written);
        } catch (InvalidDose $problem) {
            throw Problem::field('range', $problem->getMessage());
        }
        if ($range === null || $rung->range?->holds($range) !== true) {
            throw Problem::field('range', $rung->range === null ? "“{$rung->name}” has no range of its own." : "“{$rung->name}” goes over {$rung->range->inWords()}: “{$written}” is none of it.");
        }

        return $range;
    }

    /** Writes how the person sets up a rung; an empty text takes it away. */
    #[Changes('/api/people/{person}/set-ups', 'setUp', SetUpView::class, SetUpRequest::class)]
    public function setUp(Person $person, SetUpRequest $input): JsonResponse
    {
        $rung = $this->open->of($person, $input->by())->record->library->rung($input->text('rung'));
        $row = SetUp::query()->where('person_id', $person->id)->where('rung', $rung->slug)->first();
        if (($row->version ?? 0) !== $input->integer('version')) {
            if ($row !== null && OwnWriting::is($row, $input->integer('version'), ['text' => $input->text('text')])) {
                return new JsonResponse(new SetUpView(rung: $rung->slug, text: $row->text, version: $row->version));
            }
            throw Problem::changedMeanwhile('This set-up', new SetUpView(rung: $rung->slug, text: $row->text ?? '', version: $row->version ?? 0));
        }
        $row = SetUp::query()->updateOrCreate(['person_id' => $person->id, 'rung' => $rung->slug], ['text' => $input->text('text'), 'version' => $input->integer('version') + 1, 'user_id' => $input->by()->id]);

        return new JsonResponse(new SetUpView(rung: $rung->slug, text: $row->text, version: $row->version));
    }

    /** Writes another leaving mark for a rung; without a target the table's holds again. Every one is kept. */
    #[Changes('/api/people/{person}/marks', 'writeMark', MarkView::class, MarkRequest::class)]
    public function mark(Person $person, MarkRequest $input): JsonResponse
    {
        $file = $this->open->of($person, $input->by());
        Problem::whenClosed($file->record->admission());
        $library = $file->record->library;
        if (! $library->has($input->text('rung'))) {
            throw Problem::field('rung', 'The library has no such rung.');
        }
        $rung = $library->rung($input->text('rung'));
        try {
            $target = $input->input('target') === null ? null : LeavingMark::target($rung, $file->record->method, $input->integer('target'));
        } catch (InvalidDose $problem) {
            throw Problem::field('target', $problem->getMessage());
        }
        RungMark::query()->create([
            'person_id' => $person->id, 'rung' => $rung->slug, 'target' => $target, 'reason' => $input->text('reason'),
            'written_on' => $file->record->today->iso(), 'time_zone' => $file->clock->timeZone(), 'user_id' => $input->by()->id, 'sequence' => $file->clock->sequence(),
        ]);
        $file = $this->open->of($person->unsetRelations(), $input->by());

        return new JsonResponse(MarkView::of($file->record->library->rung($rung->slug), $file->record->method, $file->mark($rung->slug)));
    }

    /** Allows a person a rung in spite of a limit or missing kit, with a reason that is kept. */
    #[Writes('/api/people/{person}/allowances', 'allowRung', AllowanceView::class, AllowanceRequest::class, 201)]
    public function allow(Person $person, AllowanceRequest $input): JsonResponse
    {
        $file = $this->open->of($person, $input->by());
        Problem::whenClosed($file->record->admission());
        $known = RungAllowance::query()->find($input->text('id'));
        if ($known !== null && ($known->person_id !== $person->id || $known->rung !== $input->text('rung') || $known->reason !== $input->text('reason'))) {
            throw Problem::conflict('other-allowance', 'Something else is kept under this number: nothing was stored.');
        }
        if ($known === null) {
            if (! $file->record->library->has($input->text('rung'))) {
                throw Problem::field('rung', 'The library has no such rung.');
            }
            $ruling = $file->record->circumstances()->rule($file->record->library->rung($input->text('rung')));
            foreach ($ruling->objections as $objection) {
                if (! $objection->mayBeAllowed()) {
                    throw Problem::field('rung', $objection->asksClinician ? "{$objection->reason->sentence} Here a clinician’s word is asked for: it is not the trainer’s to allow." : $objection->reason->sentence);
                }
            }
            if ($ruling->objections === []) {
                throw Problem::field('rung', "“{$ruling->rung->name}” is open: there is nothing to allow.");
            }
            $known = RungAllowance::query()->create([
                'id' => $input->text('id'), 'person_id' => $person->id, 'rung' => $ruling->rung->slug, 'reason' => $input->text('reason'),
                'against' => array_map(static fn(Objection $objection): string => $objection->key, $ruling->objections),
                'allowed_on' => $file->record->today->iso(), 'time_zone' => $file->clock->timeZone(), 'user_id' => $input->by()->id, 'sequence' => $file->clock->sequence(),
            ]);
        }

        return new JsonResponse(AllowanceView::of($known->inCore()), 201);
    }

    /** Takes an allowance back: what rules the rung out rules it out again. */
    #[Removes('/api/people/{person}/allowances/{allowance}', 'takeAllowanceBack')]
    public function forbid(Person $person, RungAllowance $allowance, #[CurrentUser] User $by): Response
    {
        abort_unless($allowance->person_id === $person->id, 404);
        RungAllowance::query()->whereKey($allowance->id)->whereNull('taken_back_at')->update(['taken_back_at' => now(), 'taken_back_by' => $by->id]);

        return new Response(status: 204);
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
