<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A template, and what becomes of it for this person. */
#[OA\Schema]
final readonly class TemplateView
{
    /**
     * @param list<string> $exercises
     * @param list<string> $notes
     */
    public function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $purpose,
        #[OA\Property]
        public string $totalText,
        #[OA\Property]
        public bool $fits,
        #[ListOf('string')]
        public array $exercises,
        #[ListOf('string')]
        public array $notes,
    ) {}
}
