<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Assessment\Alignment;
use OpenApi\Attributes as OA;

/** What marks on a picture come to. */
#[OA\Schema]
final readonly class AlignmentView
{
    /** @param list<ReasonView> $reasons the verdict first */
    public function __construct(
        #[OA\Property(description: 'sag or a lower left side above 0, pike or a lower right side below')]
        public float $degrees,
        #[OA\Property]
        public ?float $centimetres,
        #[OA\Property]
        public bool $inLine,
        #[ListOf(ReasonView::class)]
        public array $reasons,
    ) {}

    public static function of(Alignment $alignment): self
    {
        return new self(round($alignment->degrees, 2), $alignment->centimetres === null ? null : round($alignment->centimetres, 2), $alignment->inLine, ReasonView::all($alignment->reasons));
    }
}
