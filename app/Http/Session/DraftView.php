<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;

/** A session made from the person's working rungs, not saved yet. */
final readonly class DraftView
{
    /**
     * @param list<ReasonView> $notes  what was replaced or left out, and why
     * @param string           $origin where it comes from, in words
     */
    public function __construct(
        public string $title,
        public PreviewView $preview,
        public array $notes,
        public string $origin,
    ) {}
}
