<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** A session made from the person's working rungs, not saved yet. */
#[OA\Schema]
final readonly class DraftView
{
    /** @param list<ReasonView> $notes what was replaced or left out, and why */
    public function __construct(
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public PreviewView $preview,
        #[ListOf(ReasonView::class)]
        public array $notes,
    ) {}
}
