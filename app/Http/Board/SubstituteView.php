<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ReasonView;
use EvenRungs\Ladder\Substitution;

/** The nearest fitting rung for one that is ruled out. */
final readonly class SubstituteView
{
    public function __construct(
        public string $slug,
        public string $name,
        public string $lost,
        public ReasonView $reason,
    ) {}

    public static function of(Substitution $one): self
    {
        return new self(slug: $one->instead->slug, name: $one->instead->name, lost: $one->lost, reason: ReasonView::of($one->reason));
    }
}
