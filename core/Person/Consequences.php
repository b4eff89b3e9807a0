<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\NextDose;

/** What a decision that waits leads to: where the person stands then, and the dose the next session has there. */
final readonly class Consequences
{
    public function __construct(private PersonRecord $record, private PendingDecision $pending) {}

    /**
     * Null where nobody moves.
     *
     * @throws InvalidLadder when there is no rung to climb to
     */
    public function destination(Decision $choice): ?Destination
    {
        $range = $this->range($choice);
        $rung = $range === null ? $this->rung($choice) : $this->pending->rung;

        return $rung === null ? null : new Destination($rung, $range);
    }

    /**
     * The dose the next session has, as if the decision were taken; null where nothing of the ladder is trained then.
     *
     * @throws InvalidLadder when there is no rung to climb to
     */
    public function dose(Decision $choice): ?NextDose
    {
        if ($choice === Decision::StopLadder || $choice === Decision::Refer) {
            return null;
        }
        $to = $this->destination($choice);
        $pending = $this->pending;
        $decided = new Decided($pending->ladder->slug, $pending->side, $pending->rung->slug, $choice, $pending->log->id, PHP_INT_MAX);
        $placing = $to === null ? null : new Placing('', $pending->ladder->slug, $pending->side, $to->rung->slug, false, PHP_INT_MAX, $this->record->today, decided: true, range: $to->rung->range === null ? null : ($to->range ?? $to->rung->range->smallest())->print());

        return $this->record->deciding($decided, $placing)->doses()->on($to->rung ?? $pending->rung);
    }

    /** @throws InvalidLadder when there is no rung to climb to */
    private function rung(Decision $choice): ?Rung
    {
        $on = $this->pending->side === Side::Both ? null : $this->pending->side;
        $open = fn(bool $up): ?Rung => $this->record->circumstances()->nextOpen($this->pending->ladder, $this->pending->rung, $up, on: $on);

        return match ($choice) {
            Decision::Climb => $open(true) ?? throw InvalidLadder::because('No higher rung of this ladder is open to this person.'),
            Decision::StepDown => $open(false),
            default => null,
        };
    }

    /** Over which range of the same rung it goes on; null where the rung has none, or the step is another one. */
    private function range(Decision $choice): ?Range
    {
        $next = $this->pending->rung->range === null || $choice !== Decision::Stay ? null : $this->record->doses()->on($this->pending->rung);

        return match ($choice) {
            Decision::StepDown => $this->pending->proposal->toRange,
            Decision::Stay => $next?->dose->range?->is($this->pending->session->dose->range) === false ? $next->dose->range : null,
            default => null,
        };
    }
}
