<?php

declare(strict_types=1);

namespace App\Http\Library;

/** A ladder as the library has it. */
final readonly class LibraryLadderView
{
    /**
     * @param list<RungView> $rungs     lowest first
     * @param list<string>   $signposts slugs of rungs of other ladders that belong here too
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $shortName,
        public string $demand,
        public string $demandName,
        public array $rungs,
        public array $signposts,
    ) {}
}
