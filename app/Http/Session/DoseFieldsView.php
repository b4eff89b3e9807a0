<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Method\Counting;

/** A dose taken apart for editing by fields. */
final readonly class DoseFieldsView
{
    /**
     * @param 'reps'|'hold'|'falling'|'gathered'|'carry'|'timed'|'open' $kind
     * @param int                                                       $count   repetitions, holds or metres
     * @param int                                                       $seconds of a hold or a timed set; 0 where there is none
     * @param string                                                    $counts  holds of each falling set, such as 6-5-4; empty elsewhere
     * @param int|null                                                  $cap     of an open set
     * @param bool                                                      $forTime an open set held for time, not counted
     * @param '/side'|' pairs'|' moves'                                 $suffix  how repetitions of two sides are counted here: what stands behind the count
     */
    public function __construct(
        public string $kind,
        public int $sets,
        public int $count,
        public int $seconds,
        public int $gapSeconds,
        public bool $perSide,
        public ?string $tempo,
        public ?int $restSeconds,
        public ?string $kilograms,
        public string $counts,
        public ?int $cap,
        public bool $forTime,
        public int $optionalSets,
        public string $suffix,
    ) {}

    public static function of(Dose $dose, Counting $counting): self
    {
        $body = $dose->first();
        // Repetitions with two sides are written the way they are counted here.
        $written = static fn(int $count): int => $dose->perSide && $dose->unit() === Unit::Reps ? $counting->written($count) : $count;
        [$kind, $count, $seconds, $gap] = match (true) {
            $body instanceof Holds => [$dose->isFalling() ? 'falling' : 'hold', $body->count, $body->seconds, $body->gapSeconds],
            $body instanceof AccumulatedHold => ['gathered', $body->totalSeconds, $body->boutSeconds, $body->gapSeconds],
            $body instanceof Carry => ['carry', $body->metres, 0, 0],
            $body instanceof Timed => ['timed', 1, $body->seconds, 0],
            $body instanceof Open => ['open', $written($body->estimate), 0, 0],
            default => ['reps', $written($body->target()), 0, 0],
        };
        $cap = $body instanceof Open && $body->cap !== null ? $written($body->cap) : null;
        $counts = $dose->isFalling() ? implode('-', array_map(static fn(SetBody $body): string => $body instanceof Holds ? (string) $body->count : '', $dose->bodies)) : '';
        $suffix = $dose->unit() === Unit::Reps ? $counting->suffix() : Counting::EachSide->suffix();

        return new self(kind: $kind, sets: $dose->sets(), count: $count, seconds: $seconds, gapSeconds: $gap, perSide: $dose->perSide, tempo: $dose->tempo?->print(), restSeconds: $dose->restSeconds, kilograms: $dose->loadGrams === null ? null : DoseLine::kilograms($dose->loadGrams), counts: $counts, cap: $cap, forTime: $body instanceof Open && $dose->unit() === Unit::Seconds, optionalSets: $dose->optionalSets, suffix: $suffix);
    }
}
