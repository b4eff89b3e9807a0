<?php

declare(strict_types=1);

namespace App\Http\Library;

/** A ladder as its file says it, for editing. */
final readonly class LadderSourceView
{
    /**
     * @param int                  $version  of the practice’s own version; 0 while it has none
     * @param bool                 $shipped  there is a shipped ladder of this name to go back to
     * @param array<string, mixed> $document
     * @param list<string>         $inUse    slugs of rungs that placings, logs, decisions or sessions rest on: they can be hidden, not taken out
     */
    public function __construct(
        public string $slug,
        public int $version,
        public bool $shipped,
        public mixed $document,
        public array $inUse,
    ) {}
}
