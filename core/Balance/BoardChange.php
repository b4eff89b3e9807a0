<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\StandIns;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Reason\Words;

/** What other limits, kit or method do to the whole board of a person, before anything is saved. */
final readonly class BoardChange
{
    /**
     * @param list<Rung>      $closing   open before, not open on both sides after
     * @param list<Rung>      $opening   the other way round
     * @param list<Displaced> $displaced working rungs that would no longer be open
     * @param list<Demand>    $leftOpen  demands with a share of which no rung would be left
     */
    private function __construct(public array $closing, public array $opening, public array $displaced, public array $leftOpen) {}

    /** @param list<Position> $stands where the person stands today */
    public static function between(Library $library, array $stands, Circumstances $before, Circumstances $after): self
    {
        $closing = $opening = $demandsBefore = $demandsAfter = [];
        foreach ($library->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $was = $before->rule($rung)->openOn(Side::Both);
                $ruling = $after->rule($rung);
                $is = $ruling->openOn(Side::Both);
                if ($was && ! $is) {
                    $closing[] = $rung;
                } elseif (! $was && $is) {
                    $opening[] = $rung;
                }
                $demandsBefore[$rung->demand->value] = ($demandsBefore[$rung->demand->value] ?? false) || $before->rule($rung)->openSomewhere();
                $demandsAfter[$rung->demand->value] = ($demandsAfter[$rung->demand->value] ?? false) || $ruling->openSomewhere();
            }
        }
        $displaced = [];
        foreach ($stands as $stand) {
            $ruling = $after->rule($stand->rung);
            if ($ruling->openOn($stand->side) || ! $before->rule($stand->rung)->openOn($stand->side)) {
                continue;
            }
            $displaced[] = new Displaced($stand, Substitution::for($stand->rung, $library, $after, self::standIns($stand, $stands)), $ruling->reasons[0]);
        }

        return new self(
            $closing,
            $opening,
            $displaced,
            array_values(array_filter(Demand::withShare(), static fn(Demand $demand): bool => ($demandsBefore[$demand->value] ?? false) && ! ($demandsAfter[$demand->value] ?? false))),
        );
    }

    /** "This closes 31 rungs. Three working rungs change." */
    public function inWords(): string
    {
        $counted = static fn(int $count, string $what): string => $count.' '.$what.($count === 1 ? '' : 's');
        $parts = array_filter([
            $this->closing === [] ? '' : 'closes '.$counted(count($this->closing), 'rung'),
            $this->opening === [] ? '' : 'opens '.$counted(count($this->opening), 'rung'),
        ]);
        if ($parts === []) {
            return 'This changes no rung of the board.';
        }
        $working = match (count($this->displaced)) {
            0 => 'The working rungs stay as they are.',
            1 => 'One working rung changes.',
            default => count($this->displaced).' working rungs change.',
        };
        $open = $this->leftOpen === [] ? '' : ' Nothing is left for '.Words::all(array_map(static fn(Demand $demand): string => $demand->shortName(), $this->leftOpen)).'.';

        return 'This '.Words::all($parts).". {$working}{$open}";
    }

    /**
     * On its own ladder each side goes by where it stands itself; on the others both go by the weaker one.
     *
     * @param list<Position> $stands
     */
    private static function standIns(Position $displaced, array $stands): StandIns
    {
        $working = $stopped = [];
        foreach ($stands as $stand) {
            $before = $working[$stand->rung->ladder] ?? $stand->rung;
            $working[$stand->rung->ladder] = $stand->rung->height->above($before->height) < 0 ? $stand->rung : $before;
            $stopped[$stand->rung->ladder] = ($stopped[$stand->rung->ladder] ?? false) || $stand->stopped;
        }
        $working[$displaced->rung->ladder] = $displaced->rung;

        return new StandIns(self::heightIn($displaced->rung->demand, $stands), static fn(string $ladder): ?Rung => $working[$ladder] ?? null, static fn(string $ladder): bool => $stopped[$ladder] ?? false);
    }

    /**
     * The highest rung the person stands on in a demand.
     *
     * @param list<Position> $stands
     */
    private static function heightIn(Demand $demand, array $stands): ?Height
    {
        $highest = null;
        foreach ($stands as $stand) {
            if ($stand->rung->demand === $demand && ($highest === null || $stand->rung->height->above($highest) > 0)) {
                $highest = $stand->rung->height;
            }
        }

        return $highest;
    }
}
