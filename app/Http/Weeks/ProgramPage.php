<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;
use App\Models\Program;
use App\Models\SessionLog;
use App\Models\SetEntry;
use App\Records\ProgramAtHand;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Program\Forecast;
use EvenRungs\Program\GateForecast;
use EvenRungs\Program\Phase;
use EvenRungs\Program\Program as Made;
use EvenRungs\Program\Rate;
use EvenRungs\Program\WeekChange;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenCell;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Session\Item;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Week\WeekPlacing;

/** A program as a score: weeks across, ladders down, what is planned and what was done. */
final readonly class ProgramPage
{
    /** How far ahead gates are looked for when nothing is being planned. */
    private const WEEKS_AHEAD = 12;

    /** @var array<string, list<SetEntry>> sets done, by Monday and ladder */
    private array $done;

    /** @var array<string, int> sessions done, by Monday */
    private array $sessionsDone;

    /** @var array<string, float> load done, by Monday */
    private array $loads;

    public function __construct(private ProgramAtHand $hand)
    {
        $done = $loads = $sessions = [];
        foreach ($hand->dossier->person->logs as $log) {
            /** @var SessionLog $log */
            $monday = Day::parse($log->done_on)->monday()->iso();
            $sessions[$monday] = ($sessions[$monday] ?? 0) + 1;
            foreach ($log->sets as $set) {
                $done["{$monday} ".strstr($set->rung, '/', true)][] = $set;
            }
        }
        foreach ($hand->dossier->loads() as $load) {
            /** @var SessionLoad $load */
            $monday = $load->day->monday()->iso();
            $loads[$monday] = ($loads[$monday] ?? 0.0) + ($load->load ?? 0.0);
        }
        $this->done = $done;
        $this->sessionsDone = $sessions;
        $this->loads = $loads;
    }

    public function view(): ProgramPageView
    {
        $present = $this->hand->present();

        return new ProgramPageView(
            $present?->id,
            $present === null ? null : $this->program(ProgramAtHand::weeksOf($present), $this->presentGates(), [], $present, WrittenRequest::read($present->wish), $this->numbersToCome(ProgramAtHand::weeksOf($present))),
            ProgramRequestView::of($this->hand->nextWish()),
            ReasonView::of(($this->hand->rateFromLog() ?? Rate::stated(Rate::STATED_TENTHS))->reason),
            array_reverse(array_map(static fn(Program $version): ProgramVersionView => new ProgramVersionView($version->id, $version->made_on, $version->why, count($version->weeks), $version === $present), $this->hand->versions)),
            ReasonView::all($this->hand->against()),
        );
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

        return $this->program($this->hand->taking($weeks, null), $gates, [...$made->notes, ...$clashes], null, $wish, $numbers);
    }

    /** An earlier version, compared with the one that holds. */
    public function version(Program $version): ProgramView
    {
        return $this->program(ProgramAtHand::weeksOf($version), [], [], $version, WrittenRequest::read($version->wish), []);
    }

    /**
     * @param list<WrittenWeek>                     $weeks
     * @param array<string, list<GateForecastView>> $gates by ladder
     * @param list<Reason>                          $notes
     * @param array<string, int>                    $numbers of the weeks in the wish that is edited, by Monday
     */
    private function program(array $weeks, array $gates, array $notes, ?Program $kept, WrittenRequest $wish, array $numbers): ProgramView
    {
        $holds = $this->hand->present();
        $compared = $kept === $holds ? [] : $this->changes($holds, $weeks);
        $staves = [];
        $ladders = array_values(array_filter($this->hand->dossier->library->slugs(), static fn(string $ladder): bool => array_filter($weeks, static fn(WrittenWeek $week): bool => isset($week->cells[$ladder])) !== []));
        // Ladders that get no set at all come last.
        usort($ladders, static fn(string $a, string $b): int => self::idle($weeks, $a) <=> self::idle($weeks, $b));
        foreach ($ladders as $ladder) {
            $staves[] = $this->stave($ladder, $weeks, $gates[$ladder] ?? [], $compared, $kept, $numbers);
        }

        return new ProgramView(
            array_map(fn(WrittenWeek $week): ProgramWeekView => $this->week($week, $compared, $week->monday->isBefore($wish->start) ? 0 : $week->number), $weeks),
            $staves,
            ReasonView::all($notes),
            array_keys($compared),
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
    private function changes(?Program $holds, array $weeks): array
    {
        if ($holds === null) {
            return [];
        }
        $ahead = fn(WrittenWeek $week): bool => ! $week->monday->isBefore($this->hand->today()->monday());
        $changes = [];
        foreach (WeekChange::between(array_values(array_filter(ProgramAtHand::weeksOf($holds), $ahead)), array_values(array_filter($weeks, $ahead)), $this->name(...)) as $change) {
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
    private function stave(string $ladder, array $weeks, array $gates, array $compared, ?Program $kept, array $numbers): StaveView
    {
        $shelf = $this->hand->dossier->library->ladder($ladder);
        $cells = [];
        $before = null;
        foreach ($weeks as $week) {
            $cell = $week->cells[$ladder] ?? null;
            if ($cell === null) {
                continue;
            }
            $cells[] = $this->cell($ladder, $week, $cell, $before !== null && $before !== $cell->rung, $compared[$week->monday->iso()] ?? null, $kept, $numbers[$week->monday->iso()] ?? 0);
            $before = $cell->rung;
        }
        $open = array_values(array_filter($shelf->trunk($this->hand->dossier->method()), fn(Rung $rung): bool => $this->hand->dossier->circumstances()->rule($rung)->openOn(Side::Both)));

        return new StaveView(
            $ladder,
            ucfirst($shelf->shortName),
            $shelf->demand->value,
            $shelf->demand->shortName(),
            $cells,
            $gates,
            array_map(static fn(Rung $rung): RungChoiceView => new RungChoiceView($rung->slug, $rung->name, $rung->height->label()), $open),
        );
    }

    private function cell(string $ladder, WrittenWeek $week, WrittenCell $cell, bool $climbs, ?WeekChange $change, ?Program $kept, int $number): ProgramCellView
    {
        $rung = $this->rung($cell->rung);
        $done = $this->done["{$week->monday->iso()} {$ladder}"] ?? [];
        $begun = ! $this->hand->today()->isBefore($week->monday);
        $on = array_values(array_unique(array_map(static fn(SetEntry $set): string => $set->rung, $done)));
        try {
            $dose = $rung === null ? null : DoseLine::parse($cell->dose, $rung->sidedness);
        } catch (Refusal) {
            $dose = null;
        }
        $counting = $this->hand->dossier->method()->counting();

        return new ProgramCellView(
            $week->monday->iso(),
            $number,
            $cell->rung,
            $rung->name ?? $kept->rung_names[$cell->rung]['name'] ?? $cell->rung,
            $rung->shortName ?? $kept->rung_names[$cell->rung]['name'] ?? $cell->rung,
            $rung->height->tenths ?? $kept->rung_names[$cell->rung]['tenths'] ?? 10,
            $dose === null ? $cell->dose : DoseLine::print($dose, $counting),
            $dose === null ? $cell->dose : DoseWords::of($dose, $counting),
            $cell->sets,
            $cell->locked,
            $climbs,
            $change->cells[$ladder] ?? '',
            $begun ? count($done) : null,
            $on === [] || $on === [$cell->rung] ? null : implode(', ', array_map($this->name(...), array_diff($on, [$cell->rung]))),
            $cell->reason === null ? null : ReasonView::of($cell->reason),
            $cell->whySets === null ? null : ReasonView::of($cell->whySets),
        );
    }

    /**
     * @param array<string, WeekChange> $compared
     */
    private function week(WrittenWeek $week, array $compared, int $number): ProgramWeekView
    {
        $sessions = $made = [];
        $seconds = 0;
        $load = 0.0;
        foreach (array_keys($week->sessions) as $slot) {
            $session = $this->hand->session($week, $slot);
            $total = $session?->timeline()->totals()->total() ?? 0;
            $made = $session === null ? $made : [...$made, $session];
            $seconds += $total;
            $load += ($week->places[$slot]->effort ?? WeekPlacing::EFFORT) * $total / 60;
            $row = $this->hand->written($week->monday, $slot);
            $log = $row === null ? null : $this->hand->dossier->person->logs->first(static fn(SessionLog $log): bool => $log->training_session_id === $row->id);
            $sessions[] = new ProgramSessionView(
                $slot,
                isset($week->places[$slot]) ? $week->places[$slot]->inWords() : 'another time',
                Totals::clock($total),
                array_map(fn(Item $item): string => "{$item->rung->name}, ".DoseWords::of($item->dose, $this->hand->dossier->method()->counting()), $session?->items() ?? []),
                $row?->id,
                match (true) {
                    $row === null => $this->hand->isBehind($week, $slot) ? 'behind' : 'none',
                    self::same($row->blocks, ProgramAtHand::blocks($week, $slot)) => 'written',
                    default => 'differs',
                },
                $log?->done_on,
            );
        }
        $thisMonday = $this->hand->today()->monday();
        $change = $compared[$week->monday->iso()] ?? null;

        return new ProgramWeekView(
            $week->monday->iso(),
            $number,
            $week->kind->value,
            $week->retests,
            self::phase(Phase::of($made)),
            $week->monday->isBefore($thisMonday) ? 'past' : ($week->monday->equals($thisMonday) ? 'now' : 'ahead'),
            $week->agreementPerMille === 0 ? '' : intdiv($week->agreementPerMille + 5, 10).' %',
            Totals::clock($seconds),
            (int) round($load),
            $this->hand->today()->isBefore($week->monday) ? null : (int) round($this->loads[$week->monday->iso()] ?? 0.0),
            $sessions,
            $this->sessionsDone[$week->monday->iso()] ?? 0,
            ReasonView::all($week->notes),
            $change === null ? '' : $change->week ?? (count($change->cells) > 0 ? count($change->cells).(count($change->cells) === 1 ? ' ladder differs' : ' ladders differ') : 'The sets are shared out otherwise'),
        );
    }

    /** @param array{Phase, int}|null $leads */
    private static function phase(?array $leads): string
    {
        return $leads === null ? '' : "{$leads[0]->value} {$leads[1]} %";
    }

    /**
     * @param list<array<array-key, mixed>> $blocks
     * @param list<WrittenBlock>            $planned
     */
    private static function same(array $blocks, array $planned): bool
    {
        $lines = static fn(array $all): array => array_map(static fn(WrittenBlock $block): array => array_map(static fn(WrittenItem $item): string => "{$item->rung} {$item->dose}", $block->items), $all);

        return $lines(array_map(WrittenBlock::read(...), $blocks)) === $lines($planned);
    }

    /**
     * How the weeks of the program that holds are numbered in the wish for the rest of it.
     *
     * @param list<WrittenWeek> $weeks
     *
     * @return array<string, int> by Monday
     */
    private function numbersToCome(array $weeks): array
    {
        $start = $this->hand->nextWish()->start;
        $numbers = [];
        foreach ($weeks as $week) {
            if (! $week->monday->isBefore($start) && $week->kind !== WeekKind::Away) {
                $numbers[$week->monday->iso()] = count($numbers) + 1;
            }
        }

        return $numbers;
    }

    /** @return array<string, list<GateForecastView>> by ladder, from today on */
    private function presentGates(): array
    {
        $standing = $this->hand->standing();
        $wish = $this->hand->nextWish();
        $rate = $this->hand->rate($wish);
        $monday = $this->hand->today()->monday();
        $gates = [];
        foreach ($standing->working as $ladder => $rung) {
            if (! in_array($ladder, $standing->stopped, true)) {
                $gates[$ladder] = array_map(
                    fn(GateForecast $gate): GateForecastView => $this->gate($gate, static fn(float $at): Day => $monday->plusDays(7 * (GateForecast::week($at) - 1))),
                    Forecast::of($rung, $standing->daysOn[$ladder] ?? 0, $standing->library->ladder($ladder), $standing->circumstances, $rate, max(1, count($wish->slots)), self::WEEKS_AHEAD),
                );
            }
        }

        return $gates;
    }

    /** @param \Closure(float): Day $monday of the week after so many weeks */
    private function gate(GateForecast $gate, \Closure $monday): GateForecastView
    {
        return new GateForecastView($gate->to->slug, $gate->to->name, $monday($gate->earliest)->iso(), $monday($gate->likely)->iso(), $monday($gate->latest)->iso(), ReasonView::of($gate->reason()));
    }

    private function rung(string $slug): ?Rung
    {
        try {
            return $this->hand->dossier->library->rung($slug);
        } catch (UnknownRung) {
            return null;
        }
    }

    private function name(string $slug): string
    {
        return $this->rung($slug)->name ?? $this->hand->present()->rung_names[$slug]['name'] ?? $slug;
    }
}
