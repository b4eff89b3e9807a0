<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Api\ListOf;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** What the player plays, with what it asks first. */
#[OA\Schema]
final readonly class CueSheetView
{
    /**
     * @param list<CueView>             $cues
     * @param list<CueItemView>         $items
     * @param list<string>              $cautions
     * @param list<MorningQuestionView> $mornings
     */
    public function __construct(
        #[OA\Property]
        public string $session,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $totalText,
        #[ListOf(CueView::class)]
        public array $cues,
        #[ListOf(CueItemView::class)]
        public array $items,
        #[ListOf('string')]
        public array $cautions,
        #[ListOf(MorningQuestionView::class)]
        public array $mornings,
        #[OA\Property(description: 'why only activation is done today: a sore trunk', nullable: true)]
        public ?ReasonView $activationOnly,
    ) {}
}
