<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** An exercise of a session with its dose, its time, and what is wrong with the dose if anything is. */
#[OA\Schema]
final readonly class ItemView
{
    /** @param list<WarningView> $warnings */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $heightText,
        #[OA\Property]
        public string $demand,
        #[OA\Property(description: 'the sides are counted apart')]
        public bool $sided,
        #[OA\Property(description: 'the dose in its one written form, or as typed when it cannot be read')]
        public string $dose,
        #[OA\Property(description: 'in plain words, such as 3 × 10 each side')]
        public string $doseText,
        #[OA\Property(ref: '#/components/schemas/DoseFieldsView', nullable: true)]
        public ?DoseFieldsView $fields,
        #[OA\Property(ref: '#/components/schemas/TotalsView', nullable: true)]
        public ?TotalsView $totals,
        #[OA\Property]
        public ?string $problem,
        #[OA\Property]
        public ?int $problemPosition,
        #[OA\Property]
        public string $restText,
        #[OA\Property]
        public string $tempoText,
        #[ListOf(WarningView::class)]
        public array $warnings,
    ) {}
}
