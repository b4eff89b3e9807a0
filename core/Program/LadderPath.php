<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Capped;
use EvenRungs\Session\Item;

/**
 * One ladder over the weeks: the dose rises within the rung, then the rung changes, one thing at a time; in an easier
 * week neither does.
 */
final class LadderPath
{
    /** @var list<GateForecast> in weeks of the program */
    public array $gates = [];

    /** @var array<int, ProgramCell> by number of the week */
    public array $cells = [];

    private function __construct(private readonly Standing $standing, private readonly Wish $wish, private readonly Ladder $ladder) {}

    /** @param string|null $why why this rung, where it is not simply the working rung */
    public static function of(Standing $standing, Wish $wish, Rung $rung, ?string $why = null): self
    {
        $path = new self($standing, $wish, $standing->library->ladder($rung->ladder));
        $path->walk($rung, $why ?? 'The working rung.');

        return $path;
    }

    private function walk(Rung $rung, string $why): void
    {
        $days = $this->standing->daysOn[$rung->ladder] ?? 0;
        $gates = $this->ahead($rung, $days, 1);
        $doses = $this->doses($rung, $this->standing->doses[$rung->slug] ?? null);
        $began = 1;
        $at = 0;
        for ($week = 1; $week <= $this->wish->weeks; $week++) {
            $easier = $this->wish->kind($week) === WeekKind::Easier;
            $lock = $this->wish->locks->rungs[$week][$rung->ladder] ?? null;
            $gate = $gates[0] ?? null;
            if ($lock !== null) {
                [$rung, $why, $began, $at] = [$this->standing->library->rung($lock), 'Fixed by the trainer from this week on.', $week, 0];
                $gates = $this->ahead($rung, 0, $week);
                $doses = $this->doses($rung, null);
            } elseif (! $easier && $gate !== null && $week > GateForecast::week($gate->likely)) {
                [$why, $rung, $began, $at] = ["The gate of “{$rung->name}” is likely reached by then. The rung changes only when it is.", $gate->to, $week, 0];
                array_shift($gates);
                $doses = $this->doses($rung, null);
            } elseif (! $easier && $week > $began) {
                $at = min(count($doses) - 1, $at + count($this->wish->slots), $this->due($week - $began, GateForecast::week($gates[0]->likely ?? (float) $this->wish->weeks) - $began, count($doses) - 1));
            }
            $this->keep($week, $rung, $doses[$at] ?? $doses[0], $why, $easier);
        }
    }

    /** How far the dose should have risen after some weeks on the rung, so that it is at the top when the gate is due. */
    private function due(int $weeksOn, int $weeksToGate, int $steps): int
    {
        return $weeksToGate < 1 ? $steps : (int) round($weeksOn * $steps / $weeksToGate);
    }

    /** @return list<GateForecast> the gates ahead, and noted as those of the program from this week on */
    private function ahead(Rung $rung, int $days, int $week): array
    {
        $this->gates = array_values(array_filter($this->gates, static fn(GateForecast $gate): bool => GateForecast::week($gate->likely) < $week));
        $ahead = Forecast::of($rung, $days, $this->ladder, $this->standing->circumstances, $this->wish->rate, count($this->wish->slots), $this->wish->weeks - $week + 1, $week - 1);
        array_push($this->gates, ...$ahead);

        return $ahead;
    }

    /** @return non-empty-list<Dose> from the first to the top of what the rung asks for, within what the limits allow */
    private function doses(Rung $rung, ?Dose $from): array
    {
        $method = $this->standing->circumstances->method;
        $dose = $from ?? $rung->defaultDose($method);
        $doses = [$this->capped($rung, $dose)];
        while (count($doses) < 12 && ($step = NextDose::step($rung, $dose, $method)) !== null) {
            $dose = $step[0];
            if (DoseLine::print($this->capped($rung, $dose)) !== DoseLine::print($dose)) {
                break;
            }
            $doses[] = $dose;
        }

        return $doses;
    }

    private function capped(Rung $rung, Dose $dose): Dose
    {
        foreach ($this->standing->circumstances->limits as $limit) {
            foreach ($limit->caps as $cap) {
                $item = new Item('one', $rung, $dose);
                if ($cap->concerns($rung->position, $rung->demand) && Capped::measured($item, $cap) > $cap->seconds) {
                    $dose = Capped::within($item, $cap) ?? $dose;
                }
            }
        }

        return $dose;
    }

    private function keep(int $week, Rung $rung, Dose $dose, string $why, bool $easier): void
    {
        $locked = $this->wish->locks->doses[$week][$rung->ladder] ?? null;
        $dose = $locked ?? $dose;
        $before = $this->cells[$week - 1] ?? null;
        $line = DoseLine::print($dose);
        $climbs = $before !== null && $before->rung->slug !== $rung->slug;
        $said = match (true) {
            $locked !== null => "{$rung->name}, {$line}: the dose is fixed by the trainer.",
            $easier => "{$rung->name}, {$line}: as the week before. An easier week takes sets away; nothing gets harder.",
            $climbs, $before === null => "{$rung->name}, {$line}. {$why}",
            DoseLine::print($before->dose) === $line => "{$rung->name}, {$line}: the same again.",
            default => "{$rung->name}, {$line}: the dose rises within the rung, after a clean ".DoseLine::print($before->dose).'.',
        };
        $this->cells[$week] = new ProgramCell($rung, $dose, $locked !== null || isset($this->wish->locks->rungs[$week][$rung->ladder]), Reason::because(
            $climbs ? Rule::ProgramRung : Rule::ProgramDose,
            $said,
            ['height' => $rung->height->label(), ...($before === null ? [] : ['week before' => "{$before->rung->name}, ".DoseLine::print($before->dose)])],
            'Another rate of improvement, a rung or a dose fixed by hand, or what the log shows by then.',
        ));
    }
}
