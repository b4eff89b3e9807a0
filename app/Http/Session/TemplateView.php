<?php

declare(strict_types=1);

namespace App\Http\Session;

/** A template, and what becomes of it for this person. */
final readonly class TemplateView
{
    /**
     * @param list<string> $exercises
     * @param list<string> $notes
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $purpose,
        public string $totalText,
        public bool $fits,
        public array $exercises,
        public array $notes,
    ) {}
}
