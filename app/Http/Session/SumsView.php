<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** How every figure of a session adds up, and the session as lines of text. Asked for when a figure is opened. */
#[OA\Schema]
final readonly class SumsView
{
    /** @param list<SumView> $sums */
    public function __construct(
        #[ListOf(SumView::class)]
        public array $sums,
        #[OA\Property(description: 'without the title; empty where nothing can be read')]
        public string $text,
    ) {}
}
