<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

/** A person in the list, with what it filters by. */
#[OA\Schema]
final readonly class PersonLineView
{
    /** @param list<string> $flags */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OA\Property]
        public string $aimText,
        #[ListOf('string', enum: ['stop', 'decide', 'due', 'uneven'])]
        public array $flags,
        #[OA\Property(description: 'spread of the board, such as 1.6; null when there is none')]
        public ?string $spread,
        #[OA\Property]
        public ?string $weakest,
        #[OA\Property]
        public ?string $lastDone,
        #[OA\Property]
        public ?string $archivedOn,
    ) {}
}
