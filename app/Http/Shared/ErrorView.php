<?php

declare(strict_types=1);

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

/** What every error looks like. */
#[OA\Schema]
final readonly class ErrorView
{
    /** @param array<string, list<string>> $fields sentences by path of the field */
    public function __construct(
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $sentence,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public array|\stdClass $fields,
        #[OA\Property]
        public string $id,
        #[OA\Property(description: 'what is saved now, after a conflict', type: 'object', nullable: true)]
        public ?object $present = null,
    ) {}
}
