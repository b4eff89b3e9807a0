<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Api\ListOf;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\FaultView;
use App\Http\Shared\FigureView;
use OpenApi\Attributes as OA;

/** What the player needs to know of an exercise. */
#[OA\Schema]
final readonly class CueItemView
{
    /**
     * @param list<string>     $cues
     * @param list<FaultView>  $faults
     * @param list<ChoiceView> $questions form check, in the order asked
     * @param list<int>        $targets   what each set asks for, per side where sides count apart
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $dose,
        #[OA\Property]
        public string $doseText,
        #[OA\Property]
        public int $sets,
        #[OA\Property(enum: ['reps', 'seconds', 'metres'])]
        public string $unit,
        #[ListOf('integer')]
        public array $targets,
        #[OA\Property]
        public bool $perSide,
        #[ListOf('string')]
        public array $cues,
        #[ListOf(FaultView::class)]
        public array $faults,
        #[OA\Property]
        public string $fallback,
        #[OA\Property(description: 'the person’s own set-up; empty for none')]
        public string $setUp,
        #[OA\Property]
        public ?string $easier,
        #[ListOf(ChoiceView::class)]
        public array $questions,
        #[OA\Property]
        public FigureView $figure,
    ) {}
}
