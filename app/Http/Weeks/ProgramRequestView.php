<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\ListOf;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenRequest;
use OpenApi\Attributes as OA;

/** What a program is asked to be. */
#[OA\Schema]
final readonly class ProgramRequestView
{
    /**
     * @param list<RequestedSlotView> $slots
     * @param list<RequestedRungView> $rungs   fixed from a week on
     * @param list<RequestedDoseView> $doses   fixed for a week
     * @param list<RequestedSetsView> $sets    fixed in every week
     * @param list<string>       $without ladders left out
     */
    public function __construct(
        #[OA\Property(description: 'Monday of the first week')]
        public string $start,
        #[OA\Property]
        public int $weeks,
        #[OA\Property(description: 'another one gives another way of doing the same')]
        public int $seed,
        #[OA\Property(description: 'of height a week; null for the rate of the log, or the usual one', nullable: true)]
        public ?int $rateTenths,
        #[ListOf(RequestedSlotView::class)]
        public array $slots,
        #[ListOf(RequestedRungView::class)]
        public array $rungs = [],
        #[ListOf(RequestedDoseView::class)]
        public array $doses = [],
        #[ListOf(RequestedSetsView::class)]
        public array $sets = [],
        #[ListOf('string')]
        public array $without = [],
    ) {}

    public static function of(WrittenRequest $wish): self
    {
        return new self(
            $wish->start->iso(),
            $wish->weeks,
            $wish->seed,
            $wish->rateTenths,
            array_map(static fn(ProgramSlot $slot): RequestedSlotView => new RequestedSlotView($slot->id, $slot->cell->day, $slot->cell->part->value, $slot->placement->value, $slot->minutes, $slot->effort), $wish->slots),
            array_map(static fn(array $row): RequestedRungView => new RequestedRungView($row['week'], $row['ladder'], $row['rung']), $wish->rungs),
            array_map(static fn(array $row): RequestedDoseView => new RequestedDoseView($row['week'], $row['ladder'], $row['rung'], $row['dose']), $wish->doses),
            array_map(static fn(array $row): RequestedSetsView => new RequestedSetsView($row['slot'], $row['ladder'], $row['sets']), $wish->sets),
            $wish->without,
        );
    }
}
