<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\ListOf;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** The next trial of a climb test, or how it ended. */
#[OA\Schema]
final readonly class ClimbStepView
{
    /** @param list<ChoiceView> $questions form check of the trial, in the order asked */
    public function __construct(
        #[OA\Property(description: 'rung to try now; null when the test is over', nullable: true)]
        public ?string $next,
        #[OA\Property(description: 'the small trial in words', nullable: true)]
        public ?string $doseText,
        #[OA\Property(description: 'seconds of a hold; null where it is not held', nullable: true)]
        public ?int $holdSeconds,
        #[ListOf(ChoiceView::class)]
        public array $questions,
        #[OA\Property(nullable: true)]
        public ?string $workingRung,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $reason,
    ) {}
}
