<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ReasonView;
use EvenRungs\Ladder\Substitution;
use OpenApi\Attributes as OA;

/** The nearest fitting rung for one that is ruled out. */
#[OA\Schema]
final readonly class SubstituteView
{
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $lost,
        #[OA\Property]
        public ReasonView $reason,
    ) {}

    public static function of(Substitution $one): self
    {
        return new self($one->instead->slug, $one->instead->name, $one->lost, ReasonView::of($one->reason));
    }
}
