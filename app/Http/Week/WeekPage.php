<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use App\Models\TrainingSession;
use App\Records\ProgramAtHand;
use App\Records\WeekAtHand;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Level;
use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Totals;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Frequency;
use EvenRungs\Week\PlannedLoad;
use EvenRungs\Week\Soreness;
use EvenRungs\Week\WeekPlacing;

/** A week, computed by the core and put into the terms of its view. */
final readonly class WeekPage
{
    private CoreWeek $week;

    public function __construct(private WeekAtHand $hand)
    {
        $this->week = $hand->week();
    }

    public function view(): WeekView
    {
        $frequency = Frequency::of($this->hand->dossier->method(), $this->level(), $this->hand->dossier->circumstances()->limits);
        $load = PlannedLoad::of($this->week, $this->hand->heaviestBefore());
        $pattern = $this->hand->pattern();

        return new WeekView(
            ProgramAtHand::of($this->hand->dossier)->waits($this->hand->monday),
            $this->hand->plan->version,
            $this->hand->monday->iso(),
            array_map(static fn(array $slot): CoreSlotView => new CoreSlotView($slot['id'], $slot['session'], $slot['day'], $slot['part'], $slot['placement'], $slot['effort'], $slot['only']), $this->hand->plan->slots),
            array_map(static fn(array $move): WeekMoveView => new WeekMoveView($move['slot'], $move['monday'], $move['day'], $move['part'], $move['placement'], $move['effort']), $this->hand->plan->moves),
            $this->hand->plan->away,
            $this->days(),
            $this->placed(),
            array_map(OtherTrainingView::of(...), $this->week->other),
            array_map(fn(Clash $clash): ClashView => ClashView::of($clash, $this->week), Clashes::in($this->week)),
            array_map($this->demand(...), array_values(array_filter(Demand::withShare(), fn(Demand $demand): bool => $this->hand->dossier->targets()->part($demand) > 0))),
            // Those of the program are placed by it.
            array_values(array_map(fn(TrainingSession $session): WeekSessionView => $this->session($session, $pattern), array_filter($this->hand->sessions, static fn(TrainingSession $session): bool => $session->program_slot === null))),
            count($this->week->coreDays()),
            $frequency->low,
            $frequency->high,
            ReasonView::of($frequency->reason),
            $load->planned,
            $load->tooMuch,
            ReasonView::of($load->reason),
        );
    }

    /** @return list<WeekDayView> */
    private function days(): array
    {
        $recovering = $this->week->recovering();

        return array_map(function (int $day) use ($recovering): WeekDayView {
            $sore = $this->hand->soreness($day);
            $activation = $sore === null ? null : Soreness::against($sore);

            return new WeekDayView(
                $day,
                $this->hand->date($day)->iso(),
                $this->hand->date($day)->equals($this->hand->dossier->today()),
                in_array($day, $this->week->days, true),
                $this->hand->isAway($day),
                $sore,
                $activation === null ? null : ReasonView::of($activation),
                array_values(array_map(static fn(DayPart $part): string => $part->value, array_filter(DayPart::cases(), static fn(DayPart $part): bool => isset($recovering[(new Cell($day, $part))->index()])))),
            );
        }, range(1, 7));
    }

    /** @return list<PlacedSlotView> those of days away and those left out among them, so that they can come back */
    private function placed(): array
    {
        $kept = $this->hand->kept();
        $placed = [];
        foreach ($this->hand->written() as $slot) {
            $usual = $this->hand->usual($slot);
            $here = $this->hand->here($slot);
            $at = $here ?? $usual;
            $done = $kept[$slot['id']] ?? null;
            $placed[] = new PlacedSlotView(
                $slot['id'],
                $slot['session'],
                $at->content->title,
                $at->cell->day,
                $at->cell->part->value,
                $at->placement->value,
                $at->effort,
                Totals::clock($at->content->seconds),
                $here !== null && $here != $usual,
                $here === null ? 'left-out' : $this->state($here->cell, $done, Day::parse($slot['since'])),
                $done?->iso(),
            );
        }

        return $placed;
    }

    private function state(Cell $cell, ?Day $done, Day $since): string
    {
        $date = $this->hand->date($cell->day);
        $today = $this->hand->dossier->today();

        return match (true) {
            $done !== null => 'done',
            $this->hand->isAway($cell->day) => 'away',
            $date->equals($today) => 'today',
            // What was placed only afterwards was not missed.
            $date->isBefore($today) && ! $date->isBefore($since) => 'missed',
            default => 'planned',
        };
    }

    private function demand(Demand $demand): WeekDemandView
    {
        $must = in_array($demand, Demand::everyWeek(), true);
        $met = $this->week->timesMet($demand);
        $sets = $work = 0;
        $inputs = [];
        foreach ($this->week->slots as $slot) {
            $sets += $slot->content->sets($demand);
            $work += $slot->content->work[$demand->value] ?? 0;
            $inputs["{$slot->content->title}, {$slot->cell->inWords()}"] = $slot->content->sets($demand).' sets'.($slot->meets($demand) ? '' : ', does not meet it');
        }

        return new WeekDemandView(
            $demand->value,
            $demand->shortName(),
            $met,
            $must ? $this->week->minimum() : 0,
            $sets,
            Totals::clock($work),
            ReasonView::of(Reason::because(
                Rule::WeekDemand,
                ucfirst($demand->shortName())." is met in {$met} of ".count($this->week->slots).' sessions: '.$sets.' sets, '.Totals::clock($work).' under tension.',
                [...$inputs, 'least' => $must ? $this->week->minimum().' a week: twice with three sessions or more, else once' : 'none for this demand'],
                'Another session, another exercise in it, or more sets.',
            )),
        );
    }

    private function session(TrainingSession $session, CoreWeek $pattern): WeekSessionView
    {
        $fits = WeekPlacing::suggest($pattern, $this->hand->content($session), $this->hand->dossier->method());

        return new WeekSessionView(
            $session->id,
            $session->title,
            Totals::clock($this->hand->content($session)->seconds),
            $fits === null ? null : new CoreSlotView('new', $session->id, $fits->cell->day, $fits->cell->part->value, $fits->placement->value, $fits->effort),
        );
    }

    /** Level of the middle of the heights the person stands on; foundation where nobody has placed them. */
    private function level(): Level
    {
        $heights = array_values($this->hand->dossier->evenness()->heights);
        usort($heights, static fn(\EvenRungs\Body\Height $a, \EvenRungs\Body\Height $b): int => $a->above($b));

        return $heights === [] ? Level::Foundation : $heights[intdiv(count($heights) - 1, 2)]->level();
    }
}
