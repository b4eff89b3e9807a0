<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A session of a week of a program. */
#[OA\Schema]
final readonly class ProgramSessionView
{
    /** @param list<string> $lines exercise and dose */
    public function __construct(
        #[OA\Property]
        public string $slot,
        #[OA\Property(description: 'such as “Tuesday evening”')]
        public string $when,
        #[OA\Property]
        public string $clock,
        #[ListOf('string')]
        public array $lines,
        #[OA\Property(description: 'the session written from it', nullable: true)]
        public ?string $session,
        #[OA\Property(enum: ['none', 'behind', 'written', 'differs'])]
        public string $state,
        #[OA\Property(nullable: true)]
        public ?string $doneOn,
    ) {}
}
