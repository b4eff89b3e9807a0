<?php

declare(strict_types=1);

namespace App\Http\Practice;

final readonly class AccessesView
{
    /**
     * @param list<AccessView> $lines the newest first
     * @param string|null      $next  where the list goes on
     */
    public function __construct(public array $lines, public ?string $next) {}
}
