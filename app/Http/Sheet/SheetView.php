<?php

declare(strict_types=1);

namespace App\Http\Sheet;

/** The page handed over to the person. */
final readonly class SheetView
{
    /**
     * @param list<SheetItemView> $items
     * @param list<string>        $circuits how each circuit is done
     * @param list<string>        $cautions
     */
    public function __construct(
        public string $person,
        public string $title,
        public string $date,
        public string $totalText,
        public string $daysText,
        public array $items,
        public array $circuits,
        public array $cautions,
    ) {}
}
