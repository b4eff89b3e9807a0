<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Balance\Aim;
use OpenApi\Attributes as OA;

/** A person with what the frame and the Person view show. */
#[OA\Schema]
final readonly class PersonView
{
    /**
     * @param list<int>           $trainingDays 1 Monday to 7 Sunday
     * @param list<string>        $kit
     * @param list<LimitView>     $limits
     * @param list<ClearanceView> $clearances
     * @param list<StepView>      $steps
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OneOf(Aim::class)]
        public string $aim,
        #[OA\Property]
        public string $aimText,
        #[ListOf('integer')]
        public array $trainingDays,
        #[OA\Property]
        public int $minutes,
        #[ListOf('string')]
        public array $kit,
        #[ListOf(LimitView::class)]
        public array $limits,
        #[OA\Property]
        public StandingView $standing,
        #[OA\Property(ref: '#/components/schemas/ScreeningView', nullable: true)]
        public ?ScreeningView $screening,
        #[ListOf(ClearanceView::class)]
        public array $clearances,
        #[ListOf(StepView::class)]
        public array $steps,
        #[OA\Property]
        public int $version,
    ) {}
}
