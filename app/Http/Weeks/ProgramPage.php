<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;
use App\Models\Program;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\UpToDate;
use EvenRungs\Program\GateForecast;
use EvenRungs\Program\KeptProgram;
use EvenRungs\Program\Phase;
use EvenRungs\Program\Program as Made;
use EvenRungs\Program\Rate;
use EvenRungs\Program\WeekChange;
use EvenRungs\Program\WeekNumbers;
use EvenRungs\Program\WrittenCell;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Reason\Input;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\WeekPlacing;

/** A program as a score: weeks across, ladders down, what is planned and what was done. */
final readonly class ProgramPage
{
    /** @var array<string, array{int, list<string>}> sets done and the rungs they were of, by Monday and ladder */
    private array $done;

    /** @var array<string, int> sessions done, by Monday */
    private array $sessionsDone;

    /** @var array<string, float> load done, by Monday */
    private array $loads;

    /** @param string $person whose it is */
    public function __construct(private ProgramAtHand $hand, private string $person)
    {
        $done = $loads = $sessions = [];
        foreach ($hand->record->history->done() as $session) {
            $monday = $session->on->monday()->iso();
            $sessions[$monday] = ($sessions[$monday] ?? 0) + 1;
            $loads[$monday] = ($loads[$monday] ?? 0.0) + ($session->load->load ?? 0.0);
            foreach ($session->sets as $ladder => $sets) {
                $before = $done["{$monday} {$ladder}"] ?? [0, []];
                $done["{$monday} {$ladder}"] = [$before[0] + $sets, array_values(array_unique([...$before[1], ...$session->rungs[$ladder]]))];
            }
        }
        $this->done = $done;
        $this->sessionsDone = $sessions;
        $this->loads = $loads;
    }

    public function view(): ProgramPageView
    {
        $present = $this->hand->present();
        $wish = $this->hand->wishes()->next();

        return new ProgramPageView(
            id: $present?->id,
            program: $present === null ? null : $this->program($present->weeks(), $this->presentGates(), [], $present, $present->request(), $this->hand->wishes()->numbersToCome(), withWhy: false),
            wish: ProgramRequestView::of($wish),
            weeksBehind: $wish->done,
            rate: ReasonView::of(($this->hand->wishes()->rateFromLog() ?? Rate::stated(Rate::STATED_TENTHS))->reason),
            versions: array_map(static fn(Program $row): ProgramVersionView => new ProgramVersionView(id: $row->id, madeOn: $row->made_on, why: $row->why, weeks: $row->week_count, holds: $row->id === $present?->id, takenBack: $row->taken_back_at !== null), Program::newest($this->person)),
            against: ReasonView::all(array_values(array_filter([...$this->hand->against(), $this->hand->asOfToday()->comesOutShort()]))),
            hardFrom: CoreSlot::HARD,
        );
    }

    /** Why a ladder of the program that holds is what it is, week by week: asked for when somebody looks at it. */
    public function why(string $ladder): StaveWhyView
    {
        $cells = [];
        foreach ($this->hand->weeks() as $week) {
            $cell = $week->cells[$ladder] ?? null;
            if ($cell !== null) {
                $cells[] = new CellWhyView(monday: $week->monday->iso(), reason: self::reason($cell->reason), whySets: self::reason($cell->whySets));
            }
        }

        return new StaveWhyView(cells: $cells, gates: $this->presentGates()[$ladder] ?? []);
    }

    private static function reason(?Reason $reason): ?ReasonView
    {
        return $reason === null ? null : ReasonView::of($reason);
    }

    /** A program that has been made and is compared with the one that holds. */
    public function proposal(Made $made, WrittenRequest $wish): ProgramView
    {
        $weeks = array_map(WrittenWeek::of(...), $made->weeks);
        $mondays = [];
        foreach ($weeks as $week) {
            $mondays[$week->number] = $week->monday;
        }
        $gates = [];
        foreach ($made->gates as $gate) {
            $gates[$gate->from->ladder][] = $this->gate($gate, static function (float $at) use ($mondays): Day {
                $week = GateForecast::week($at);
                $last = max(1, ...array_keys($mondays));

                return $week <= $last ? $mondays[$week] : $mondays[$last]->plusDays(7 * ($week - $last));
            });
        }

        $numbers = $clashes = [];
        foreach ($weeks as $week) {
            $numbers[$week->monday->iso()] = $week->number;
            $clashes = $week->number === 1 ? $this->hand->clashes($week) : $clashes;
        }

        return $this->program($this->hand->taking($weeks, null), $gates, [...$made->notes, ...$this->hand->wishes()->unused($wish), ...$clashes], null, $wish, $numbers);
    }

    /** An earlier version, compared with the one that holds. */
    public function version(KeptProgram $version): ProgramView
    {
        return $this->program($version->weeks(), [], [], $version, $version->request(), []);
    }

    /**
     * @param list<WrittenWeek>                     $weeks
     * @param array<string, list<GateForecastView>> $gates by ladder
     * @param list<Reason>                          $notes
     * @param array<string, int>                    $numbers of the weeks in the wish that is edited, by Monday
     * @param bool                                  $withWhy with the reasons of each cell
     */
    private function program(array $weeks, array $gates, array $notes, ?KeptProgram $kept, WrittenRequest $wish, array $numbers, bool $withWhy = true): ProgramView
    {
        $holds = $this->hand->present();
        $compared = $kept === $holds ? [] : $this->changes($holds, $weeks);
        $staves = [];
        $ladders = array_values(array_filter($this->hand->record->library->slugs(), static fn(string $ladder): bool => array_filter($weeks, static fn(WrittenWeek $week): bool => isset($week->cells[$ladder])) !== []));
        // Ladders that get no set at all come last.
        usort($ladders, static fn(string $a, string $b): int => self::idle($weeks, $a) <=> self::idle($weeks, $b));
        foreach ($ladders as $ladder) {
            $staves[] = $this->stave($ladder, $weeks, $withWhy ? $gates[$ladder] ?? [] : array_map(static fn(GateForecastView $gate): GateForecastView => $gate->withoutWhy(), $gates[$ladder] ?? []), $compared, $kept, $numbers, $withWhy);
        }

        return new ProgramView(
            weeks: array_map(fn(WrittenWeek $week, int $number): ProgramWeekView => $this->week($week, $compared, $number, $kept === null || $kept === $holds), $weeks, WeekNumbers::of($weeks, $wish, $this->hand->trained(...))),
            staves: $staves,
            notes: ReasonView::all($notes),
            mondays: array_keys($compared),
        );
    }

    /** @param list<WrittenWeek> $weeks */
    private static function idle(array $weeks, string $ladder): bool
    {
        return array_filter($weeks, static fn(WrittenWeek $week): bool => ($week->cells[$ladder]->sets ?? 0) > 0) === [];
    }

    /**
     * @param list<WrittenWeek> $weeks
     *
     * @return array<string, WeekChange> from today on, by Monday
     */
    private function changes(?KeptProgram $holds, array $weeks): array
    {
        if ($holds === null) {
            return [];
        }
        $ahead = fn(WrittenWeek $week): bool => ! $week->monday->isBefore($this->hand->today()->monday());
        $changes = [];
        foreach (WeekChange::between($this->hand->ahead($holds), array_values(array_filter($weeks, $ahead)), $this->name(...)) as $change) {
            $changes[$change->monday->iso()] = $change;
        }

        return $changes;
    }

    /**
     * @param list<WrittenWeek>         $weeks
     * @param list<GateForecastView>    $gates
     * @param array<string, WeekChange> $compared
     * @param array<string, int>        $numbers
     */
    private function stave(string $ladder, array $weeks, array $gates, array $compared, ?KeptProgram $kept, array $numbers, bool $withWhy): StaveView
    {
        $shelf = $this->hand->record->library->ladder($ladder);
        $cells = [];
        $before = null;
        foreach ($weeks as $week) {
            $cell = $week->cells[$ladder] ?? null;
            if ($cell === null) {
                continue;
            }
            $cells[] = $this->cell($ladder, $week, $cell, $before !== null && $before !== $cell->rung, $compared[$week->monday->iso()] ?? null, $kept, $numbers[$week->monday->iso()] ?? 0, $withWhy);
            $before = $cell->rung;
        }
        $open = array_values(array_filter($shelf->trunk($this->hand->record->method), fn(Rung $rung): bool => $this->hand->record->circumstances()->rule($rung)->openOn(Side::Both)));

        return new StaveView(
            ladder: $ladder,
            name: ucfirst($shelf->shortName),
            demand: $shelf->demand->value,
            demandName: $shelf->demand->shortName(),
            cells: $cells,
            gates: $gates,
            rungs: array_map(static fn(Rung $rung): RungChoiceView => new RungChoiceView(rung: $rung->slug, name: $rung->name, height: $rung->height->label()), $open),
        );
    }

    private function cell(string $ladder, WrittenWeek $week, WrittenCell $cell, bool $climbs, ?WeekChange $change, ?KeptProgram $kept, int $number, bool $withWhy): ProgramCellView
    {
        $rung = $this->rung($cell->rung);
        [$setsDone, $on] = $this->done["{$week->monday->iso()} {$ladder}"] ?? [0, []];
        $begun = ! $this->hand->today()->isBefore($week->monday);
        try {
            $dose = $rung === null ? null : DoseLine::parse($cell->dose, $rung->sidedness);
        } catch (Refusal) {
            $dose = null;
        }
        $counting = $this->hand->record->method->counting();

        return new ProgramCellView(
            monday: $week->monday->iso(),
            week: $number,
            rung: $cell->rung,
            rungName: $rung->name ?? $kept->rungNames[$cell->rung]['name'] ?? $cell->rung,
            shortName: $rung->shortName ?? $kept->rungNames[$cell->rung]['name'] ?? $cell->rung,
            tenths: $rung->height->tenths ?? $kept->rungNames[$cell->rung]['tenths'] ?? 10,
            dose: $dose === null ? $cell->dose : DoseLine::print($dose, $counting),
            oneSet: $dose === null ? $cell->dose : DoseLine::printOneSet($dose, $counting),
            doseWords: $dose === null ? $cell->dose : DoseWords::of($dose, $counting),
            sets: $cell->sets,
            locked: $cell->locked,
            climbs: $climbs,
            change: $change->cells[$ladder] ?? '',
            setsDone: $begun ? $setsDone : null,
            doneOn: $on === [] || $on === [$cell->rung] ? null : implode(', ', array_map($this->name(...), array_diff($on, [$cell->rung]))),
            reason: $withWhy ? self::reason($cell->reason) : null,
            whySets: $withWhy ? self::reason($cell->whySets) : null,
        );
    }

    /**
     * @param array<string, WeekChange> $compared
     * @param bool                      $asOfToday told as it would be written today: of the program that holds, and of one that is proposed
     */
    private function week(WrittenWeek $week, array $compared, int $number, bool $asOfToday): ProgramWeekView
    {
        $sessions = $made = [];
        $seconds = 0;
        $load = 0.0;
        foreach (array_keys($week->sessions) as $slot) {
            $written = $this->hand->written($week->monday, $slot);
            $doneOn = $written === null ? null : $this->hand->doneOn($written, $week->monday);
            $moved = $asOfToday && $doneOn === null && ! $this->hand->isBehind($week, $slot) ? $this->moved($week, $slot, $written) : UpToDate::asWritten($written->blocks ?? ProgramAtHand::blocks($week, $slot));
            $session = $this->hand->permitted($moved->blocks);
            $total = $session?->timeline()->totals()->total() ?? 0;
            $made = $session === null ? $made : [...$made, $session];
            $seconds += $total;
            $load += ($week->places[$slot]->effort ?? WeekPlacing::EFFORT) * $total / 60;
            $sessions[] = new ProgramSessionView(
                slot: $slot,
                when: isset($week->places[$slot]) ? $week->places[$slot]->inWords() : 'another time',
                clock: Totals::clock($total),
                lines: array_map(fn(Item $item): string => "{$item->rung->name}, ".DoseWords::of($item->dose, $this->hand->record->method->counting()), $session?->items() ?? []),
                session: $written?->id,
                state: $this->hand->state($week, $slot),
                doneOn: $doneOn?->iso(),
                moved: ReasonView::all(array_values($moved->changes)),
            );
        }
        $thisMonday = $this->hand->today()->monday();
        $change = $compared[$week->monday->iso()] ?? null;

        return new ProgramWeekView(
            monday: $week->monday->iso(),
            number: $number,
            kind: $week->kind,
            retests: $week->retests,
            phase: self::phase($week->leads, $made),
            phaseReason: self::reason(self::leading($week, $made)),
            when: $week->monday->isBefore($thisMonday) ? 'past' : ($week->monday->equals($thisMonday) ? 'now' : 'ahead'),
            agreement: $week->agreementPerMille === 0 ? '' : intdiv($week->agreementPerMille + 5, 10).' %',
            clock: Totals::clock($seconds),
            load: (int) round($load),
            loadDone: $this->hand->today()->isBefore($week->monday) ? null : (int) round($this->loads[$week->monday->iso()] ?? 0.0),
            sessions: $sessions,
            done: $this->sessionsDone[$week->monday->iso()] ?? 0,
            notes: ReasonView::all($week->notes),
            change: $change === null ? '' : $change->week ?? (count($change->cells) > 0 ? count($change->cells).(count($change->cells) === 1 ? ' ladder differs' : ' ladders differ') : 'The sets are shared out otherwise'),
            canTakeOut: $this->hand->canTakeOut($week->monday),
        );
    }

    /** A session of the program as it would be today: what was written of it, else what would be. */
    private function moved(WrittenWeek $week, string $slot, ?WrittenSession $written): UpToDate
    {
        return $written === null ? $this->hand->asOfToday()->of($week, $slot) : $this->hand->asOfToday()->since($written->blocks, $written);
    }

    /**
     * @param list<Session> $sessions as they are by now
     */
    private static function phase(?Phase $leads, array $sessions): string
    {
        $perMille = $leads?->perMilleOf($sessions);
        // Programs of earlier versions say what leads, and not what should.
        [$leads, $percent] = $leads === null ? Phase::of($sessions) ?? [null, 0] : [$leads, $perMille === null ? 0 : intdiv($perMille + 5, 10)];

        return $leads === null || $sessions === [] ? '' : "{$leads->word()} {$percent} %";
    }

    /**
     * Of the sessions as they are by now, like the figure above them.
     *
     * @param list<Session> $sessions
     */
    private static function leading(WrittenWeek $week, array $sessions): ?Reason
    {
        $level = array_values(array_filter($week->phase->inputs ?? [], static fn(Input $input): bool => $input->name === Phase::LEVEL))[0]->value ?? '';

        return $week->leads?->leading($sessions, $level) ?? $week->phase;
    }

    /** @return array<string, list<GateForecastView>> by ladder, from today on */
    private function presentGates(): array
    {
        $monday = $this->hand->today()->monday();

        return array_map(fn(array $gates): array => array_map(
            fn(GateForecast $gate): GateForecastView => $this->gate($gate, static fn(float $at): Day => $monday->plusDays(7 * (GateForecast::week($at) - 1))),
            $gates,
        ), $this->hand->gates());
    }

    /** @param \Closure(float): Day $monday of the week after so many weeks */
    private function gate(GateForecast $gate, \Closure $monday): GateForecastView
    {
        return new GateForecastView(to: $gate->to->slug, toName: $gate->to->name, earliest: $monday($gate->earliest)->iso(), likely: $monday($gate->likely)->iso(), latest: $monday($gate->latest)->iso(), reason: ReasonView::of($gate->reason()));
    }

    private function rung(string $slug): ?Rung
    {
        try {
            return $this->hand->record->library->rung($slug);
        } catch (UnknownRung) {
            return null;
        }
    }

    private function name(string $slug): string
    {
        return $this->rung($slug)->name ?? $this->hand->present()->rungNames[$slug]['name'] ?? $slug;
    }
}
