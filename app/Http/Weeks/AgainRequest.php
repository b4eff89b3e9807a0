<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ApiRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'replaces', description: 'the version it was compared with', type: 'string'),
])]
final class AgainRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'replaces' => ['required', 'string', self::ULID]];
    }
}
