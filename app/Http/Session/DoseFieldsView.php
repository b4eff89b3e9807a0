<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Counting;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use OpenApi\Attributes as OA;

/** A dose taken apart for editing by fields. */
#[OA\Schema]
final readonly class DoseFieldsView
{
    public function __construct(
        #[OA\Property(enum: ['reps', 'hold', 'falling', 'gathered', 'carry', 'timed', 'open'])]
        public string $kind,
        #[OA\Property]
        public int $sets,
        #[OA\Property(description: 'repetitions, holds or metres')]
        public int $count,
        #[OA\Property(description: 'of a hold or a timed set; 0 where there is none')]
        public int $seconds,
        #[OA\Property]
        public int $gapSeconds,
        #[OA\Property]
        public bool $perSide,
        #[OA\Property]
        public ?string $tempo,
        #[OA\Property]
        public ?int $restSeconds,
        #[OA\Property]
        public ?string $kilograms,
        #[OA\Property(description: 'holds of each falling set, such as 6-5-4; empty elsewhere')]
        public string $counts,
        #[OA\Property(description: 'of an open set')]
        public ?int $cap,
        #[OA\Property(description: 'an open set held for time, not counted')]
        public bool $forTime,
        #[OA\Property]
        public int $optionalSets,
        #[OA\Property(description: 'how repetitions of two sides are counted here: what stands behind the count', enum: ['/side', ' pairs', ' moves'])]
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

        return new self($kind, $dose->sets(), $count, $seconds, $gap, $dose->perSide, $dose->tempo?->print(), $dose->restSeconds, $dose->loadGrams === null ? null : DoseLine::kilograms($dose->loadGrams), $counts, $cap, $body instanceof Open && $dose->unit() === Unit::Seconds, $dose->optionalSets, $suffix);
    }
}
