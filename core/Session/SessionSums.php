<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The figures of a whole session, added up in the open: which exercise gives which seconds. */
final readonly class SessionSums
{
    /** @param list<Segment> $segments */
    private function __construct(private array $segments) {}

    public static function of(?Timeline $timeline): self
    {
        return new self($timeline->segments ?? []);
    }

    public function work(): Reason
    {
        return $this->sum('Work is time under tension, pauses of the tempo included; gaps, rests and side changes are not.', [TimeKind::Work]);
    }

    public function rest(): Reason
    {
        return $this->sum('Rest is the rests between sets and stations, and the gaps between holds.', [TimeKind::Rest, TimeKind::Gap]);
    }

    public function changeOver(): Reason
    {
        $inputs = [];
        $last = null;
        $seconds = $sides = 0;
        foreach ($this->segments as $segment) {
            if ($segment->stretch === TimeKind::ChangeOver) {
                $seconds += $segment->seconds;
                $inputs["to {$segment->item->rung->name}"] = "{$segment->seconds} s".($last === null ? '' : ', '.ChangeOver::between($last, $segment->item)->why);
            }
            $sides += $segment->stretch === TimeKind::SideChange ? $segment->seconds : 0;
            $last = $segment->item;
        }
        if ($sides > 0) {
            $inputs['from side to side'] = "{$sides} s";
        }

        return Reason::because(Rule::ChangeOver, 'Change-over is one for each pair of neighbours outside a circuit, the largest that applies, and the side changes: '.Totals::clock($seconds + $sides).'.', $inputs, 'Neighbours in the same position with the same kit.');
    }

    /** @param list<TimeKind> $stretches */
    private function sum(string $what, array $stretches): Reason
    {
        $byItem = $names = [];
        foreach ($this->segments as $segment) {
            if (in_array($segment->stretch, $stretches, true)) {
                $byItem[$segment->item->id] = ($byItem[$segment->item->id] ?? 0) + $segment->seconds;
                $names[$segment->item->id] = $segment->item->rung->name;
            }
        }
        $inputs = [];
        foreach ($byItem as $id => $seconds) {
            // The same exercise may come twice.
            $name = isset($inputs[$names[$id]]) ? "{$names[$id]}, again" : $names[$id];
            $inputs[$name] = Totals::clock($seconds);
        }

        return Reason::because(Rule::Clock, $what.' Together '.Totals::clock(array_sum($byItem)).'.', $inputs);
    }
}
