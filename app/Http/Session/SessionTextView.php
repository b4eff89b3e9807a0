<?php

declare(strict_types=1);

namespace App\Http\Session;

/** A session in text, as it was read. */
final readonly class SessionTextView
{
    /**
     * @param list<TextLineView>     $lines
     * @param list<WrittenBlockView> $blocks
     */
    public function __construct(
        public ?string $title,
        public array $lines,
        public array $blocks,
        public PreviewView $preview,
    ) {}
}
