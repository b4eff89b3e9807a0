<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Assessment\HoldKind;
use OpenApi\Attributes as OA;

/** A timed hold: how it is done, and how the person does. */
#[OA\Schema]
final readonly class HoldTestView
{
    /**
     * @param list<string>           $setUp
     * @param list<HoldStandingView> $sides  one, or left and right
     * @param list<string>           $inTurn sides to test, in this order; none when it is ruled out
     */
    public function __construct(
        #[OneOf(HoldKind::class)]
        public string $kind,
        #[OA\Property]
        public string $label,
        #[ListOf('string')]
        public array $setUp,
        #[OA\Property]
        public string $endsWhen,
        #[OA\Property(description: 'seconds at which the clock is stopped')]
        public int $stopAt,
        #[ListOf(HoldStandingView::class)]
        public array $sides,
        #[ListOf('string', enum: ['left', 'right', 'both'])]
        public array $inTurn,
    ) {}
}
