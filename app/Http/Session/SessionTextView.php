<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A session in text, as it was read. */
#[OA\Schema]
final readonly class SessionTextView
{
    /**
     * @param list<TextLineView>     $lines
     * @param list<WrittenBlockView> $blocks
     */
    public function __construct(
        #[OA\Property]
        public ?string $title,
        #[ListOf(TextLineView::class)]
        public array $lines,
        #[ListOf(WrittenBlockView::class)]
        public array $blocks,
        #[OA\Property(ref: '#/components/schemas/PreviewView')]
        public PreviewView $preview,
    ) {}
}
