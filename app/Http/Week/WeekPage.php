<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\KindMixView;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Body\Demand;
use EvenRungs\Home\HomeNote;
use EvenRungs\Person\Asked;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\PlanMove;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\Soreness;
use EvenRungs\Week\WeekPlacing;

/** A week, computed by the core and put into the terms of its view. */
final readonly class WeekPage
{
    public function __construct(private PersonFile $file, private WeekAtHand $hand) {}

    public function view(): WeekView
    {
        $week = $this->hand->week();
        $frequency = $this->hand->frequency();
        $load = $this->hand->load();
        $pattern = $this->hand->pattern();
        $plan = $this->hand->plan;
        // Those of the program are placed by it.
        $own = array_filter($this->hand->sessions, static fn(WrittenSession $session): bool => $session->programSlot === null);

        return new WeekView(
            programWaits: $this->file->program()->waits($this->hand->monday),
            version: $plan->version,
            monday: $this->hand->monday->iso(),
            slots: array_map(static fn(PlannedSlot $slot): CoreSlotView => new CoreSlotView(id: $slot->id, session: $slot->session, day: $slot->cell->day, part: $slot->cell->part, placement: $slot->role, effort: $slot->effort, only: $slot->only?->iso(), time: $slot->cell->time()), $plan->slots),
            moves: array_map(static fn(PlanMove $move): WeekMoveView => new WeekMoveView(slot: $move->slot, monday: $move->monday, day: $move->cell?->day, part: $move->cell?->part, placement: $move->role, effort: $move->effort, time: $move->cell?->time()), $plan->moves),
            away: $plan->away,
            days: $this->days(),
            placed: array_map($this->placed(...), $this->hand->slots()),
            other: array_map(OtherTrainingView::of(...), $week->other),
            clashes: array_map(static fn(Clash $clash): ClashView => ClashView::of($clash, $week), Clashes::in($week)),
            demands: array_map($this->demand(...), array_values(array_filter(Demand::withShare(), fn(Demand $demand): bool => $this->hand->record->targets()->part($demand) > 0))),
            sessions: array_values(array_map(fn(WrittenSession $session): WeekSessionView => $this->session($session, $pattern), $own)),
            written: TrainingSession::query()->where('person_id', $this->file->person->id)->whereNull('program_slot')->count(),
            coreDays: count($week->coreDays()),
            lowDays: $frequency->low,
            highDays: $frequency->high,
            // A daily shape is more often on purpose.
            daysOff: ! $frequency->fits(count($week->coreDays())) && ($plan->shape?->isDaily() !== true || count($week->coreDays()) <= $frequency->high),
            frequency: ReasonView::of($frequency->reason),
            hardFrom: CoreSlot::HARD,
            load: $load->planned,
            loadTooMuch: $load->tooMuch,
            loadReason: ReasonView::of($load->reason),
            shapes: ShapeChoiceView::all(),
            shape: $plan->shape,
            silenced: ReasonView::all(Clashes::silenced($week)),
            kinds: KindMixView::of($this->hand->kinds(), $this->hand->record),
            asked: array_map(fn(Asked $asked): AskedView => new AskedView(note: $asked->note->id, slot: $asked->slot->id, day: $asked->slot->cell->day, sentence: $asked->note->sentence(), isAskedAbout: $asked->note->isAskedAbout(), repair: $asked->move === null ? null : WeekRepairView::of($asked->move)), $this->hand->asked()),
            askedElsewhere: array_map(static fn(HomeNote $note): AskedElsewhereView => new AskedElsewhereView(note: $note->id, monday: $note->on->monday()->iso(), sentence: $note->sentence()), $this->hand->askedElsewhere()),
        );
    }

    /** @return list<WeekDayView> */
    private function days(): array
    {
        $week = $this->hand->week();
        $recovering = $week->recovering();
        $told = SorenessAnswer::toldIn($this->file->person->id, $this->hand->date(1), $this->hand->date(7));

        return array_map(function (int $day) use ($week, $recovering, $told): WeekDayView {
            $sore = $told[$this->hand->date($day)->iso()] ?? null;
            $activation = $sore === null ? null : Soreness::against($sore);
            $roles = [];
            foreach (DayPart::cases() as $part) {
                $roles[$part->value] = WeekPlacing::role($week, new Cell($day, $part), $this->hand->record->method);
            }

            return new WeekDayView(
                day: $day,
                date: $this->hand->date($day)->iso(),
                today: $this->hand->date($day)->equals($this->hand->record->today),
                trains: in_array($day, $week->days, true),
                away: $this->hand->isAway($day),
                sore: $sore,
                activationOnly: $activation === null ? null : ReasonView::of($activation),
                recovering: array_values(array_filter(DayPart::cases(), static fn(DayPart $part): bool => isset($recovering[(new Cell($day, $part))->index()]))),
                roles: $roles,
            );
        }, range(1, 7));
    }

    /** Those of days away and those left out among them, so that they can come back. */
    private function placed(PlannedSlot $slot): PlacedSlotView
    {
        $usual = $this->hand->usual($slot);
        $here = $this->hand->here($slot);
        $at = $here ?? $usual;

        return new PlacedSlotView(
            id: $slot->id,
            session: $slot->session,
            title: $at->content->title,
            day: $at->cell->day,
            part: $at->cell->part,
            placement: $at->placement,
            effort: $at->effort,
            clock: Totals::clock($at->content->seconds),
            moved: $here !== null && $here != $usual,
            state: $this->hand->state($slot),
            doneOn: ($this->hand->kept()[$slot->id] ?? null)?->iso(),
            time: $at->cell->time(),
            squad: Meeting::isAt($slot->id, $at->cell) ? Meeting::squadOf($slot->id) : null,
        );
    }

    private function demand(Demand $demand): WeekDemandView
    {
        ['sets' => $sets, 'seconds' => $seconds] = $this->hand->given($demand);

        return new WeekDemandView(
            demand: $demand->value,
            shortName: $demand->shortName(),
            met: $this->hand->week()->timesMet($demand),
            least: $this->hand->least($demand),
            sets: $sets,
            work: Totals::clock($seconds),
            reason: ReasonView::of($this->hand->reasonFor($demand)),
        );
    }

    private function session(WrittenSession $session, CoreWeek $pattern): WeekSessionView
    {
        $fits = WeekPlacing::suggest($pattern, $this->hand->content($session), $this->hand->record->method);

        return new WeekSessionView(
            id: $session->id,
            title: $session->title,
            clock: Totals::clock($this->hand->content($session)->seconds),
            leftOut: ReasonView::all($this->hand->leftOut($session)),
            fits: $fits === null ? null : new CoreSlotView(id: 'new', session: $session->id, day: $fits->cell->day, part: $fits->cell->part, placement: $fits->placement, effort: $fits->effort),
        );
    }
}
