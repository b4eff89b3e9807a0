<?php

declare(strict_types=1);

namespace App\Http\Bench;

use OpenApi\Attributes as OA;

/** A person on the bench, with the single next action. */
#[OA\Schema]
final readonly class BenchLineView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OA\Property(description: 'why the line is here')]
        public string $sentence,
        #[OA\Property(description: 'what to do next')]
        public string $action,
        #[OA\Property(enum: ['person', 'checks', 'board', 'session', 'sheet', 'coach', 'review'])]
        public string $step,
        #[OA\Property(enum: ['stop', 'watch', 'ready', 'information'])]
        public string $status,
        #[OA\Property(description: 'spread of the board, such as 1.6; null when there is none')]
        public ?string $spread,
        #[OA\Property]
        public ?string $weakest,
        #[OA\Property]
        public ?string $lastDone,
    ) {}
}
