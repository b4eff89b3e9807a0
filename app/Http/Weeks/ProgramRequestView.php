<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenRequest;

/** What a program is asked to be. */
final readonly class ProgramRequestView
{
    /**
     * @param string                  $start      Monday of the first week
     * @param int                     $seed       another one gives another way of doing the same
     * @param int|null                $rateTenths of height a week; null for the rate of the log, or the usual one
     * @param list<RequestedSlotView> $slots
     * @param list<RequestedRungView> $rungs      fixed from a week on
     * @param list<RequestedDoseView> $doses      fixed for a week
     * @param list<RequestedSetsView> $sets       fixed in every week
     * @param list<string>            $without    ladders left out
     */
    public function __construct(
        public string $start,
        public int $weeks,
        public int $seed,
        public ?int $rateTenths,
        public array $slots,
        public array $rungs = [],
        public array $doses = [],
        public array $sets = [],
        public array $without = [],
    ) {}

    public static function of(WrittenRequest $wish): self
    {
        return new self(
            start: $wish->start->iso(),
            weeks: $wish->weeks,
            seed: $wish->seed,
            rateTenths: $wish->rateTenths,
            slots: array_map(static fn(ProgramSlot $slot): RequestedSlotView => new RequestedSlotView(id: $slot->id, day: $slot->cell->day, part: $slot->cell->part, placement: $slot->placement, minutes: $slot->minutes, effort: $slot->effort), $wish->slots),
            rungs: array_map(static fn(array $row): RequestedRungView => new RequestedRungView(week: $row['week'], ladder: $row['ladder'], rung: $row['rung']), $wish->rungs),
            doses: array_map(static fn(array $row): RequestedDoseView => new RequestedDoseView(week: $row['week'], ladder: $row['ladder'], rung: $row['rung'], dose: $row['dose']), $wish->doses),
            sets: array_map(static fn(array $row): RequestedSetsView => new RequestedSetsView(slot: $row['slot'], ladder: $row['ladder'], sets: $row['sets']), $wish->sets),
            without: $wish->without,
        );
    }
}
