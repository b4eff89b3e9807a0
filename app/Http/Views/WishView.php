<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\WrittenWish;
use OpenApi\Attributes as OA;

/** What a program is asked to be. */
#[OA\Schema]
final readonly class WishView
{
    /**
     * @param list<WishSlotView> $slots
     * @param list<WishRungView> $rungs   fixed from a week on
     * @param list<WishDoseView> $doses   fixed for a week
     * @param list<WishSetsView> $sets    fixed in every week
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
        #[ListOf(WishSlotView::class)]
        public array $slots,
        #[ListOf(WishRungView::class)]
        public array $rungs = [],
        #[ListOf(WishDoseView::class)]
        public array $doses = [],
        #[ListOf(WishSetsView::class)]
        public array $sets = [],
        #[ListOf('string')]
        public array $without = [],
    ) {}

    public static function of(WrittenWish $wish): self
    {
        return new self(
            $wish->start->iso(),
            $wish->weeks,
            $wish->seed,
            $wish->rateTenths,
            array_map(static fn(ProgramSlot $slot): WishSlotView => new WishSlotView($slot->id, $slot->cell->day, $slot->cell->part->value, $slot->placement->value, $slot->minutes, $slot->effort), $wish->slots),
            array_map(static fn(array $row): WishRungView => new WishRungView($row['week'], $row['ladder'], $row['rung']), $wish->rungs),
            array_map(static fn(array $row): WishDoseView => new WishDoseView($row['week'], $row['ladder'], $row['rung'], $row['dose']), $wish->doses),
            array_map(static fn(array $row): WishSetsView => new WishSetsView($row['slot'], $row['ladder'], $row['sets']), $wish->sets),
            $wish->without,
        );
    }
}
