<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Actions\GrowSheets;
use App\Api\Reads;
use App\Api\Removes;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\ChoiceView;
use App\Models\Person;
use App\Models\SheetStage;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonFile;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use EvenRungs\Person\Growth;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Str;

/** The stages in which the sheet of a session grows. */
final readonly class StagesController
{
    private const MOST = 20;

    public function __construct(private OpenPerson $open, private GrowSheets $sheets) {}

    #[Reads('/api/people/{person}/sessions/{session}/stages', 'stages', StagesView::class)]
    public function show(Person $person, TrainingSession $session, #[CurrentUser] User $by): JsonResponse
    {
        return $this->answer($person, $session, $by);
    }

    #[Writes('/api/people/{person}/sessions/{session}/stages', 'addStage', StagesView::class, StageRequest::class, 201)]
    public function store(Person $person, TrainingSession $session, StageRequest $input): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $this->open->of($person, $input->by());
        Problem::whenClosed($file->record->admission());
        $kind = StageKind::from($input->text('kind'));
        if (SheetStage::query()->where('training_session_id', $session->id)->count() >= self::MOST) {
            throw Problem::conflict('many-stages', 'A sheet has at most twenty stages.');
        }
        $columns = [
            'kind' => $kind->value,
            'after' => $input->text('after'), 'count' => $input->integer('count'),
            'item' => $kind->isOfAnExercise() ? $input->text('item') : null,
            'rung' => $kind === StageKind::Addition || $kind === StageKind::Variation ? $input->text('rung') : null,
            'dose' => $kind->changesTheSheet() ? $input->text('dose') : null,
            'message' => $input->text('message') === '' ? null : $input->text('message'),
        ];
        $this->refuse($file, $session, $columns);
        $this->keep($file, $session, $input->text('id'), $columns);

        return $this->answer($person, $session, $input->by(), 201);
    }

    /** One exercise a week, then the next: the first stays, each other comes a week after the one before. */
    #[Writes('/api/people/{person}/sessions/{session}/stages/one-a-week', 'oneExerciseAWeek', StagesView::class, OneAWeekRequest::class, 201)]
    public function oneAWeek(Person $person, TrainingSession $session, OneAWeekRequest $input): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        [$by, $id] = [$input->by(), $input->text('id')];
        $file = $this->open->of($person, $by);
        Problem::whenClosed($file->record->admission());
        if (SheetStage::withTrashed()->where('training_session_id', $session->id)->where('together', $id)->exists()) {
            return $this->answer($person, $session, $by, 201);
        }
        $blocks = $session->inCore()->blocks;
        [$first, $later] = Growth::oneAtATime($blocks);
        if ($later === [] || SheetStage::query()->where('training_session_id', $session->id)->whereNull('came_on')->exists()) {
            throw Problem::conflict('one-a-week', $later === [] ? 'There is only one exercise in this session.' : 'This sheet has stages already: take them out first.');
        }
        foreach ($later as $weeks => $item) {
            $this->keep($file, $session, strtolower((string) Str::ulid()), ['kind' => StageKind::Addition->value, 'after' => StageAfter::Days->value, 'count' => Stage::weeksLater($weeks + 1), 'item' => null, 'rung' => $item->rung, 'dose' => $item->dose, 'message' => null, 'together' => $id, 'before' => $weeks === 0 ? array_map(static fn(WrittenBlock $block): array => $block->toArray(), $blocks) : null]);
        }
        $this->sheets->write($file, $session, $first);

        return $this->answer($person->unsetRelations(), $session->refresh(), $by, 201);
    }

    /** What is still to come of one exercise a week comes back to the session, all at once. */
    #[Removes('/api/people/{person}/sessions/{session}/stages/one-a-week', 'takeOneAWeekBack', StagesView::class)]
    public function allAtOnce(Person $person, TrainingSession $session, #[CurrentUser] User $by): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $this->open->of($person, $by);
        $coming = self::spread($session);
        if ($coming !== []) {
            $before = SheetStage::withTrashed()->where('training_session_id', $session->id)->where('together', $coming[0]->together)->whereNotNull('before')->first()->before ?? [];
            $later = array_map(static fn(SheetStage $stage): WrittenItem => new WrittenItem($stage->id, (string) $stage->rung, (string) $stage->dose), $coming);
            $before = array_map(static fn(mixed $block): WrittenBlock => WrittenBlock::read(is_array($block) ? $block : []), array_values($before));
            SheetStage::query()->whereIn('id', array_column($coming, 'id'))->delete();
            $this->sheets->write($file, $session, Growth::allAtOnce($session->inCore()->blocks, $before, $later), $coming[0]->sequence);
        }

        return $this->answer($person->unsetRelations(), $session->refresh(), $by);
    }

    /** @return list<SheetStage> still to come of one exercise a week, in order of time */
    private static function spread(TrainingSession $session): array
    {
        return array_values(SheetStage::query()->where('training_session_id', $session->id)->whereNotNull('together')->whereNull('came_on')->orderBy('due_on')->get()->all());
    }

    /** Tries a stage again that was held back, or sees to one that asks something of the trainer. */
    #[Writes('/api/people/{person}/sessions/{session}/stages/{stage}/again', 'bringStageAgain', StagesView::class)]
    public function again(Person $person, TrainingSession $session, SheetStage $stage, #[CurrentUser] User $by): JsonResponse
    {
        self::owned($person, $session, $stage);
        $stage->update($stage->held === null ? ['settled_at' => now()] : ['held' => null]);
        $this->sheets->of($person, $by, $this->open->of($person, $by)->record->today);

        return $this->answer($person->unsetRelations(), $session->refresh(), $by);
    }

    /** What has come stays in the session; a stage still to come is taken out. */
    #[Removes('/api/people/{person}/sessions/{session}/stages/{stage}', 'removeStage', StagesView::class)]
    public function destroy(Person $person, TrainingSession $session, SheetStage $stage, #[CurrentUser] User $by): JsonResponse
    {
        self::owned($person, $session, $stage);
        if ($stage->came_on !== null) {
            throw Problem::conflict('came', 'This stage has come: what it brought is changed in the session.');
        }
        $stage->delete();

        return $this->answer($person, $session, $by);
    }

    private static function owned(Person $person, TrainingSession $session, SheetStage $stage): void
    {
        abort_unless($session->person_id === $person->id && $stage->training_session_id === $session->id && $stage->person_id === $person->id, 404);
    }

    /** @param array<string, mixed> $columns */
    private function keep(PersonFile $file, TrainingSession $session, string $id, array $columns): void
    {
        $begins = SheetStage::query()->where('training_session_id', $session->id)->min('begins_on');
        $begins = is_string($begins) ? Day::parse($begins) : $file->record->today;
        $after = StageAfter::from(is_string($columns['after']) ? $columns['after'] : '');
        SheetStage::query()->firstOrCreate(['id' => $id], [
            ...$columns, 'person_id' => $file->person->id, 'training_session_id' => $session->id, 'begins_on' => $begins->iso(),
            'due_on' => Stage::dueOn($after, is_int($columns['count']) ? $columns['count'] : 0, $begins)?->iso(),
            'user_id' => $file->clock->by()->id, 'sequence' => $file->clock->sequence(),
        ]);
    }

    /**
     * What cannot come as things stand is refused where it is written; what only later forbids it holds it back then.
     *
     * @param array<string, mixed> $columns
     */
    private function refuse(PersonFile $file, TrainingSession $session, array $columns): void
    {
        $row = new SheetStage([...$columns, 'id' => '', 'begins_on' => $file->record->today->iso(), 'due_on' => null, 'came_on' => null, 'held' => null, 'sequence' => $file->clock->sequence()]);
        $grown = Growth::of($file->record, $session->inCore()->blocks, $row->inCore(), $row->sequence);
        if ($grown->held !== null) {
            throw Problem::field($grown->isOfTheDose || $columns['kind'] === StageKind::Dose->value ? 'dose' : 'rung', $grown->held);
        }
    }

    private function answer(Person $person, TrainingSession $session, User $by, int $status = 200): JsonResponse
    {
        abort_unless($session->person_id === $person->id, 404);
        $file = $this->open->of($person, $by);
        $rows = array_values(SheetStage::query()->where('training_session_id', $session->id)->orderByRaw('due_on IS NULL')->orderBy('due_on')->orderBy('count')->orderBy('sequence')->get()->all());
        $blocks = $session->inCore()->blocks;
        $items = array_merge(...array_map(static fn(WrittenBlock $block): array => $block->items, $blocks), ...[[]]);
        $library = $file->record->library;
        $name = static fn(?string $rung): ?string => $rung !== null && $library->has($rung) ? $library->rung($rung)->name : null;
        $rungs = array_combine(array_map(static fn(WrittenItem $item): string => $item->id, $items), array_map(static fn(WrittenItem $item): string => $item->rung, $items));

        return new JsonResponse(new StagesView(
            today: $file->record->today->iso(),
            beginsOn: $rows === [] ? $file->record->today->iso() : min(array_map(static fn(SheetStage $row): string => $row->begins_on, $rows)),
            isSpread: self::spread($session) !== [],
            stages: array_map(static function (SheetStage $row) use ($file, $blocks, $name, $rungs): StageView {
                $stage = $row->inCore();

                return new StageView(id: $row->id, kind: $row->kind, after: $row->after, count: $row->count, when: $stage->when(), dueOn: $row->due_on, item: $row->item, rung: $row->rung, rungName: $name($row->rung ?? $rungs[$row->item ?? ''] ?? null), dose: $row->dose, message: $row->message ?? '', cameOn: $row->came_on, held: $row->held, warning: $row->came_on === null && $row->held === null ? Growth::of($file->record, $blocks, $stage, $row->sequence)->held : null);
            }, $rows),
            items: array_map(static fn(WrittenItem $item): StageItemView => new StageItemView(id: $item->id, rung: $item->rung, name: $name($item->rung) ?? $item->rung, dose: $item->dose), $items),
            kinds: array_map(static fn(StageKind $kind): ChoiceView => new ChoiceView(value: $kind->value, label: $kind->label()), StageKind::cases()),
        ), $status);
    }
}
