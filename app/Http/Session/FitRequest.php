<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', description: 'of the session itself, so that it does not count as another one of the week', type: 'string'),
    new OA\Property(property: 'minutes', description: 'of this session; the person’s own when null', type: 'integer', nullable: true),
    new OA\Property(property: 'blocks', type: 'array', items: new OA\Items(ref: '#/components/schemas/BlockInput')),
])]
final class FitRequest extends BlocksRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'id' => ['required', 'string', self::ULID]];
    }
}
