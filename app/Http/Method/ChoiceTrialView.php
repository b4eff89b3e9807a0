<?php

declare(strict_types=1);

namespace App\Http\Method;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A session under one choice of the method. */
#[OA\Schema]
final readonly class ChoiceTrialView
{
    /** @param list<string> $changes what is different from the present method; empty when nothing is */
    public function __construct(
        #[OA\Property]
        public string $choice,
        #[ListOf('string')]
        public array $changes,
        #[OA\Property]
        public string $totalText,
        #[OA\Property(description: 'the session as lines of text')]
        public string $text,
    ) {}
}
