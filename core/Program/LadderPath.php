<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Item;

/**
 * One ladder over the weeks, week by week: the dose rises within the rung, then the rung changes, one thing at a time.
 * In an easier week neither does, and a week without a set of it brings nothing forward.
 */
final class LadderPath
{
    /** @var list<GateForecast> in weeks of the program */
    private array $passed = [];

    /** @var list<GateForecast> still ahead, in weeks in which the ladder is trained */
    private array $ahead;

    /** @var array<int, ProgramCell> by number of the week */
    private array $cells = [];

    /** @var non-empty-list<Dose> from the first to the top of what the rung asks for */
    private array $doses;

    /** Where in the doses. */
    private int $at = 0;

    /** The week, of those trained, in which the rung began. */
    private int $began = 1;

    /** Weeks without a set of it so far. */
    private int $idle = 0;

    private function __construct(private readonly StartingPoint $standing, private readonly ProgramRequest $wish, private readonly Ladder $ladder, private Rung $rung, private string $why, private readonly ?Rung $standsInFor = null)
    {
        $this->ahead = $this->forecast($rung, $standing->daysOn[$rung->ladder] ?? 0, 0);
        $this->doses = $this->dosesFrom($rung, $standing->doses[$rung->slug] ?? null);
    }

    /** @param string|null $why why this rung, where it is not simply the working rung */
    public static function of(StartingPoint $standing, ProgramRequest $wish, Rung $rung, ?string $why = null): self
    {
        return new self($standing, $wish, $standing->library->ladder($rung->ladder), $rung, $why ?? 'The working rung.');
    }

    /** Where the working rung is ruled out: above it nobody climbs without having stood on it. */
    public static function inPlaceOf(Rung $working, StartingPoint $standing, ProgramRequest $wish, Rung $rung): self
    {
        return new self($standing, $wish, $standing->library->ladder($rung->ladder), $rung, 'Stands in for the working rung, which is ruled out.', $working);
    }

    public function rung(): Rung
    {
        return $this->rung;
    }

    public function demand(): Demand
    {
        return $this->rung->demand;
    }

    /** Rung and dose of a week; the weeks are asked for in order. */
    public function cell(int $week): ProgramCell
    {
        return $this->cells[$week] ??= $this->step($week);
    }

    /** A week without a set of it does not bring the ladder forward. */
    public function notTrained(): void
    {
        $this->idle++;
    }

    /** @return list<GateForecast> in weeks of the program */
    public function gates(): array
    {
        return [...$this->passed, ...array_map(fn(GateForecast $gate): GateForecast => $gate->later($this->idle), $this->ahead)];
    }

    private function step(int $week): ProgramCell
    {
        $easier = $this->wish->kind($week) === WeekKind::Easier;
        $lock = $this->wish->locks->rungs[$week][$this->ladder->slug] ?? null;
        $trained = $week - $this->idle;
        $gate = $this->ahead[0] ?? null;
        if ($lock !== null) {
            $this->begin($this->standing->library->rung($lock), $trained, 'Fixed by the trainer from this week on.');
            $this->ahead = $this->forecast($this->rung, 0, $trained - 1);
        } elseif (! $easier && $gate !== null && $trained > GateForecast::week($gate->likely) && ! $this->isAhead($gate->to, $week)) {
            $this->passed[] = $gate->later($this->idle);
            array_shift($this->ahead);
            $this->begin($gate->to, $trained, "The gate of “{$this->rung->name}” is likely reached by then. The rung changes only when it is.");
        } elseif (! $easier && $trained > $this->began) {
            $toGate = GateForecast::week($this->ahead[0]->likely ?? (float) $this->wish->weeks) - $this->began;
            $this->at = max($this->at, min(count($this->doses) - 1, $this->at + count($this->wish->slots), $this->due($trained - $this->began, $toGate, count($this->doses) - 1)));
        }

        return $this->cellOf($week, $this->doses[$this->at] ?? $this->doses[0], $easier);
    }

    /** A rung of a later phase waits for its weeks, unless the person stands in that phase with this demand already. */
    private function isAhead(Rung $rung, int $week): bool
    {
        $method = $this->standing->circumstances->method;
        $phase = Phase::reached($rung, FirstDose::half($rung, $method)->dose);
        $here = Phase::reached($this->rung, $this->doses[$this->at] ?? $this->doses[0]);

        return $phase->isAfter($here) && $phase->isAfter($this->wish->phase($this->standing->level(), $week)) && ! $this->standing->standsIn($phase, $rung->demand);
    }

    private function begin(Rung $rung, int $trained, string $why): void
    {
        $left = $rung->height->above($this->rung->height) > 0 ? $this->rung : null;
        [$this->rung, $this->began, $this->at, $this->why] = [$rung, $trained, 0, $why];
        $this->doses = $this->dosesFrom($rung, FirstDose::half($rung, $this->standing->circumstances->method, $left)->dose);
    }

    /** How far the dose should have risen after some weeks on the rung, so that it is at the top when the gate is due. */
    private function due(int $weeksOn, int $weeksToGate, int $steps): int
    {
        return $weeksToGate < 1 ? $steps : (int) round($weeksOn * $steps / $weeksToGate);
    }

    /** @return list<GateForecast> from a week of those trained on */
    private function forecast(Rung $rung, int $days, int $weeksBefore): array
    {
        return Forecast::of($rung, $days, $this->ladder, $this->standing->circumstances, $this->wish->rate, count($this->wish->slots), $this->wish->weeks - $weeksBefore, $weeksBefore, $this->standsInFor);
    }

    /** @return non-empty-list<Dose> from the first to the top of what the rung asks for, within what the limits allow */
    private function dosesFrom(Rung $rung, ?Dose $from): array
    {
        $method = $this->standing->circumstances->method;
        $dose = $from ?? FirstDose::half($rung, $method)->dose;
        $doses = [$this->capped($rung, $dose)];
        while (count($doses) < 12 && ($step = DoseStep::up($rung, $dose, $method)) !== null) {
            $dose = $step->dose;
            if (DoseLine::print($this->capped($rung, $dose)) !== DoseLine::print($dose)) {
                break;
            }
            $doses[] = $dose;
        }

        return $doses;
    }

    private function capped(Rung $rung, Dose $dose): Dose
    {
        return CapCheck::underLimits(new Item('one', $rung, $dose), $this->standing->circumstances->limits)[0];
    }

    /** That the next rung waits for its phase, where it does. */
    private function waiting(int $week): string
    {
        $gate = $this->ahead[0] ?? null;

        return $gate !== null && $week - $this->idle > GateForecast::week($gate->likely) && $this->isAhead($gate->to, $week) ? " “{$gate->to->name}” waits until ".Phase::reached($gate->to, FirstDose::half($gate->to, $this->standing->circumstances->method)->dose)->inWords().' work leads.' : '';
    }

    private function cellOf(int $week, Dose $dose, bool $easier): ProgramCell
    {
        $rung = $this->rung;
        $locked = $this->wish->locks->doses[$week][$rung->ladder] ?? null;
        $dose = $locked ?? $dose;
        $before = $this->cells[$week - 1] ?? null;
        $line = DoseLine::print($dose);
        $climbs = $before !== null && $before->rung->slug !== $rung->slug;
        // What comes after a first week of it supposes that this went well.
        $isMost = $locked === null && $week - $this->idle === 1 && in_array($rung->slug, $this->standing->most, true);
        $said = match (true) {
            $locked !== null => "{$rung->name}, {$line}: the dose is fixed by the trainer.",
            $climbs, $before === null => "{$rung->name}, {$line}. {$this->why}",
            $easier => "{$rung->name}, {$line}: as the week before. An easier week takes sets away; nothing gets harder.",
            DoseLine::print($before->dose) === $line => "{$rung->name}, {$line}: the same again.".$this->waiting($week),
            default => "{$rung->name}, {$line}: the dose rises within the rung, after a clean ".DoseLine::print($before->dose).'.',
        };

        return new ProgramCell($rung, $dose, $locked !== null || isset($this->wish->locks->rungs[$week][$rung->ladder]), Reason::because(
            $climbs ? Rule::ProgramRung : Rule::ProgramDose,
            $said.($isMost ? ' No set is added to it, after the last time.' : ''),
            ['height' => $rung->height->label(), ...($before === null ? [] : ['week before' => "{$before->rung->name}, ".DoseLine::print($before->dose)])],
            'Another rate of improvement, a rung or a dose fixed by hand, or what the log shows by then.',
        ), $isMost);
    }
}
