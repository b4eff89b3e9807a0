<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Api\ListOf;
use App\Http\Shared\FaultView;
use App\Http\Shared\FigureView;
use OpenApi\Attributes as OA;

/** An exercise as the person reads it. */
#[OA\Schema]
final readonly class SheetItemView
{
    /**
     * @param list<string>    $cues
     * @param list<FaultView> $faults
     */
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $position,
        #[OA\Property]
        public string $doseText,
        #[OA\Property]
        public string $tempoText,
        #[OA\Property]
        public string $restText,
        #[ListOf('string')]
        public array $cues,
        #[ListOf(FaultView::class)]
        public array $faults,
        #[OA\Property]
        public string $fallback,
        #[OA\Property(description: 'the person’s own set-up; empty for none')]
        public string $setUp,
        #[OA\Property]
        public string $kit,
        #[OA\Property(description: 'circuit the exercise belongs to, such as 1; 0 for none')]
        public int $circuit,
        #[OA\Property]
        public FigureView $figure,
        #[OA\Property]
        public string $felt,
        #[OA\Property]
        public string $wayOut,
    ) {}
}
