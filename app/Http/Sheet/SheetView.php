<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** The page handed over to the person. */
#[OA\Schema]
final readonly class SheetView
{
    /**
     * @param list<SheetItemView> $items
     * @param list<string>        $circuits how each circuit is done
     * @param list<string>        $cautions
     */
    public function __construct(
        #[OA\Property]
        public string $person,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $date,
        #[OA\Property]
        public string $totalText,
        #[OA\Property]
        public string $daysText,
        #[ListOf(SheetItemView::class)]
        public array $items,
        #[ListOf('string')]
        public array $circuits,
        #[ListOf('string')]
        public array $cautions,
    ) {}
}
