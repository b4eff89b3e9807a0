<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use App\Api\MapOf;
use OpenApi\Attributes as OA;

/** A rung as the board shows it to one person. */
#[OA\Schema]
final readonly class RungView
{
    /**
     * @param list<string>    $cues
     * @param list<FaultView> $faults
     * @param list<string>    $kit
     * @param array<string, int>|\stdClass $loads
     * @param list<string>     $secondary short names of secondary demands
     * @param list<ReasonView> $ruledOut  why it, or a side of it, is ruled out
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $shortName,
        #[OA\Property(description: 'tenths')]
        public int $height,
        #[OA\Property]
        public string $heightText,
        #[OA\Property]
        public string $level,
        #[OA\Property]
        public string $position,
        #[OA\Property]
        public bool $dynamic,
        #[OA\Property(enum: ['both', 'one-sided', 'alternating'])]
        public string $sidedness,
        #[ListOf('string')]
        public array $kit,
        #[OA\Property]
        public string $lever,
        #[OA\Property]
        public string $leverText,
        #[ListOf('string')]
        public array $cues,
        #[ListOf(FaultView::class)]
        public array $faults,
        #[OA\Property]
        public string $fallback,
        #[MapOf('integer')]
        public array|\stdClass $loads,
        #[OA\Property]
        public string $dose,
        #[ListOf('string')]
        public array $secondary,
        #[OA\Property]
        public bool $branch,
        #[OA\Property]
        public bool $openLeft,
        #[OA\Property]
        public bool $openRight,
        #[ListOf(ReasonView::class)]
        public array $ruledOut,
        #[OA\Property(ref: '#/components/schemas/SubstituteView', nullable: true)]
        public ?SubstituteView $substitute,
    ) {}
}
