<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Actions\LayOutShape;
use App\Api\Changes;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Http\Shared\PageRequest;
use App\Http\Shared\ReasonView;
use App\Http\Shared\SavedView;
use App\Models\Person;
use App\Models\Plan;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\OwnWriting;
use App\Time\PracticeClock;
use EvenRungs\Calendar\Day;
use EvenRungs\Person\WeekShape;
use EvenRungs\Week\PlannedSlot;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Laying out the week. Closed while a danger sign stands. */
final readonly class WeekController
{
    public function __construct(private OpenPerson $open) {}

    /** The week in which a date lies. */
    #[Reads('/api/people/{person}/weeks/{date}', 'week', WeekView::class, queries: ['older'])]
    public function show(Person $person, string $date, PageRequest $input): JsonResponse
    {
        return new JsonResponse($this->view($person, $date, $input->by(), $input->text('older') === 'yes'));
    }

    #[Changes('/api/people/{person}/weeks/{date}', 'layOutWeek', WeekView::class, PlanRequest::class)]
    public function update(Person $person, string $date, PlanRequest $input): JsonResponse
    {
        Problem::whenClosed($this->open->of($person, $input->by())->record->admission());
        $today = PracticeClock::of($input->by())->today()->iso();
        $stored = Plan::query()->where('person_id', $person->id)->first();
        $since = array_column($stored->slots ?? [], 'since', 'id');
        $columns = $input->columns($stored);
        $known = TrainingSession::query()->where('person_id', $person->id)->pluck('id')->all();
        foreach ($columns['slots'] as $at => $slot) {
            if (! in_array($slot['session'], $known, true)) {
                throw Problem::field("slots.{$at}.session", 'This session is not there any more. It was not placed.');
            }
            $columns['slots'][$at]['since'] = $since[$slot['id']] ?? $today;
        }
        $kept = DB::transaction(static function () use ($person, $input, $columns): bool {
            if ($input->integer('version') === 0 && Plan::query()->where('person_id', $person->id)->lockForUpdate()->doesntExist()) {
                Plan::query()->create(['id' => strtolower((string) Str::ulid()), 'person_id' => $person->id, 'version' => 1, ...$columns]);

                return true;
            }
            $json = array_map(static fn(array|string|null $column): ?string => is_array($column) ? json_encode($column, JSON_THROW_ON_ERROR) : $column, $columns);

            return Plan::query()->where('person_id', $person->id)->where('version', $input->integer('version'))
                ->update([...$json, 'version' => $input->integer('version') + 1, 'updated_at' => now()]) === 1;
        });
        $view = $this->view($person->unsetRelations(), $date, $input->by());
        $plan = Plan::query()->where('person_id', $person->id)->first();
        if (! $kept && ($plan === null || ! OwnWriting::is($plan, $input->integer('version'), $columns))) {
            throw Problem::changedMeanwhile('This week', $view);
        }

        return new JsonResponse($view);
    }

    /** Writes the sessions of a shape, and says where they would stand: nothing of the plan changes before it is taken. */
    #[Writes('/api/people/{person}/weeks/{date}/shape', 'shapeWeek', ShapedWeekView::class, ShapeRequest::class, 201)]
    public function shape(Person $person, string $date, ShapeRequest $input, LayOutShape $shapes): JsonResponse
    {
        $day = self::day($date);
        $file = $this->open->of($person, $input->by(), $day->monday());
        Problem::whenClosed($file->record->admission());
        $laid = WeekShape::lay($input->shape(), $file->week($day));
        $rows = $shapes->write($file, $input->shape(), $laid);

        return new JsonResponse(new ShapedWeekView(
            $input->shape(),
            $input->shape()->label(),
            array_map(static fn(PlannedSlot $slot): CoreSlotView => new CoreSlotView(id: strtolower((string) Str::ulid()), session: $rows[$slot->session]->id, day: $slot->cell->day, part: $slot->cell->part, placement: $slot->role, effort: $slot->effort, only: $slot->only?->iso(), time: $slot->cell->time()), $laid->slots),
            $laid->keeps(),
            ReasonView::all($laid->notes),
        ), 201);
    }

    #[Writes('/api/people/{person}/soreness', 'tellSoreness', SavedView::class, SorenessRequest::class, 201)]
    public function soreness(Person $person, SorenessRequest $input): JsonResponse
    {
        $clock = PracticeClock::of($input->by());
        $answer = SorenessAnswer::query()->firstOrCreate(['id' => $input->text('id')], [
            'person_id' => $person->id,
            'day' => $clock->today()->iso(),
            'of_ten' => $input->integer('ofTen'),
            'time_zone' => $clock->timeZone(),
            'user_id' => $input->by()->id,
            'sequence' => $clock->sequence(),
        ]);

        return new JsonResponse(new SavedView($answer->id), 201);
    }

    private function view(Person $person, string $date, User $by, bool $older = false): WeekView
    {
        $day = self::day($date);
        $file = $this->open->of($person, $by, $day->monday());
        Problem::whenClosed($file->record->admission());

        return (new WeekPage($file, $file->week($day, $older)))->view();
    }

    private static function day(string $date): Day
    {
        try {
            return Day::parse($date);
        } catch (\InvalidArgumentException $problem) {
            throw Problem::field('date', $problem->getMessage());
        }
    }
}
