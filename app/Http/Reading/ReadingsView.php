<?php

declare(strict_types=1);

namespace App\Http\Reading;

/** Whom a reader is shown. */
final readonly class ReadingsView
{
    /** @param list<ReadingLineView> $people by name, page by page */
    public function __construct(public array $people, public ?string $next) {}
}
