<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\ListOf;
use App\Api\MapOf;
use App\Http\Shared\FaultView;
use App\Http\Shared\FigureView;
use App\Http\Shared\TempoPartView;
use OpenApi\Attributes as OA;

/** A rung as the library has it, in the words of the practice’s method. */
#[OA\Schema]
final readonly class RungView
{
    /**
     * @param list<string>                 $kit       labels; all of it is needed
     * @param list<string>                 $cues
     * @param list<FaultView>              $faults
     * @param array<string, int>|\stdClass $loads
     * @param list<TempoPartView>          $tempo     of one repetition at the default dose; none for a hold
     * @param list<string>                 $secondary short names of secondary demands
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
        public string $purpose,
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
        #[OA\Property]
        public string $check,
        #[ListOf(FaultView::class)]
        public array $faults,
        #[OA\Property]
        public string $breathing,
        #[OA\Property]
        public string $felt,
        #[OA\Property]
        public string $notFelt,
        #[OA\Property]
        public string $fallback,
        #[OA\Property(nullable: true)]
        public ?string $fallbackRung,
        #[OA\Property]
        public string $wayOut,
        #[OA\Property]
        public string $relief,
        #[MapOf('integer')]
        public array|\stdClass $loads,
        #[OA\Property]
        public string $dose,
        #[ListOf(TempoPartView::class)]
        public array $tempo,
        #[ListOf('string')]
        public array $secondary,
        #[OA\Property(description: 'stands beside the trunk of the ladder: climbing passes it by')]
        public bool $branch,
        #[OA\Property]
        public FigureView $figure,
    ) {}
}
