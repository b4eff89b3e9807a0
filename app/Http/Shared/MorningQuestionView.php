<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

/** A ladder of the last session whose next morning has not been asked for. */
#[OA\Schema]
final readonly class MorningQuestionView
{
    public function __construct(
        #[OA\Property]
        public string $log,
        #[OA\Property]
        public string $ladder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $doneOn,
        #[OA\Property]
        public ?int $pain,
    ) {}
}
