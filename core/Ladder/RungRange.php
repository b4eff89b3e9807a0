<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Height;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\RangePart;

/** The ranges one rung is done over: the height moves with them, from the smallest to the widest, in between linear. */
final readonly class RungRange
{
    /**
     * @param non-empty-list<Range> $steps    smallest first
     * @param Height                $lowest   height at the smallest
     * @param Height                $widest   height at the widest
     * @param array<string, Range>  $formerly range by slug of rungs that are this one now
     */
    private function __construct(public array $steps, public Height $lowest, public Height $widest, public array $formerly) {}

    /**
     * @param array<string, Range> $formerly
     *
     * @throws \InvalidArgumentException when it does not go from small to wide in whole steps
     */
    public static function ofCentimetres(int $from, int $to, int $step, Height $lowest, Height $widest, array $formerly = []): self
    {
        if ($step < 1 || $to <= $from || ($to - $from) % $step !== 0) {
            throw new \InvalidArgumentException("A range goes from small to wide in whole steps, not from {$from} to {$to} in steps of {$step}.");
        }

        return new self(array_map(Range::ofCentimetres(...), range($from, $to, $step)), $lowest, $widest, $formerly);
    }

    /** @param array<string, Range> $formerly */
    public static function ofParts(Height $lowest, Height $widest, array $formerly = []): self
    {
        return new self(array_map(Range::part(...), RangePart::cases()), $lowest, $widest, $formerly);
    }

    public function smallest(): Range
    {
        return $this->steps[0];
    }

    public function widest(): Range
    {
        return $this->steps[count($this->steps) - 1];
    }

    /** Whether the rung is done over it: any centimetres between the smallest and the widest, or a part. */
    public function holds(Range $range): bool
    {
        return $range->centimetres === null
            ? array_filter($this->steps, static fn(Range $step): bool => $step->is($range)) !== []
            : ($this->smallest()->centimetres ?? PHP_INT_MAX) <= $range->centimetres && $range->centimetres <= ($this->widest()->centimetres ?? 0);
    }

    /**
     * The widest step short of the whole way over which no more is asked for than so much.
     *
     * @param list<array{float|int, int}> $along how far in cm, and how much is asked up to there
     */
    public function within(array $along, int $most): ?Range
    {
        $widest = null;
        foreach ($this->steps as $number => $step) {
            $asked = 0;
            foreach ($along as $at => [$centimetres, $asks]) {
                $part = $at / max(1, count($along) - 1);
                $asked = match (true) {
                    $step->centimetres !== null ? $centimetres <= $step->centimetres : $part <= ($number + 1) / count($this->steps) => max($asked, $asks),
                    default => $asked,
                };
            }
            // A way that ends short of the step says nothing about it.
            $isShown = $step->centimetres === null || ($along[count($along) - 1][0] ?? 0) >= $step->centimetres;
            $widest = $isShown && $asked <= $most && ! $step->is($this->widest()) ? $step : $widest;
        }

        return $widest;
    }

    /** The next step out; null at the widest. */
    public function wider(Range $than): ?Range
    {
        foreach ($this->steps as $step) {
            if ($this->place($step) > $this->place($than)) {
                return $step;
            }
        }

        return null;
    }

    /** The next step in; null at the smallest. */
    public function narrower(Range $than): ?Range
    {
        foreach (array_reverse($this->steps) as $step) {
            if ($this->place($step) < $this->place($than)) {
                return $step;
            }
        }

        return null;
    }

    public function heightAt(Range $range): Height
    {
        $low = $this->place($this->smallest());
        $share = ($this->place($range) - $low) / max(1, $this->place($this->widest()) - $low);

        return Height::ofTenths($this->lowest->tenths + (int) round($share * $this->widest->above($this->lowest)));
    }

    /** How far out it is, in per cent of what lies between the smallest and the widest. */
    public function percent(Range $range): int
    {
        $low = $this->place($this->smallest());

        return intdiv(100 * ($this->place($range) - $low), max(1, $this->place($this->widest()) - $low));
    }

    /** "30 to 90 cm in steps of 15", "a third, half, or the whole way" */
    public function inWords(): string
    {
        [$from, $to] = [$this->smallest()->centimetres, $this->widest()->centimetres];

        return $from === null || $to === null ? 'a third, half, or the whole way' : "{$from} to {$to} cm in steps of ".($this->place($this->steps[1] ?? $this->steps[0]) - $from);
    }

    private function place(Range $range): int
    {
        return $range->centimetres ?? (int) $range->part?->place();
    }
}
