<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'log', type: 'string'),
    new OA\Property(property: 'ladder', type: 'string'),
    new OA\Property(property: 'pain', type: 'integer'),
    new OA\Property(property: 'worse', type: 'boolean'),
])]
final class MorningRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'log' => ['required', 'string', self::ULID],
            'ladder' => ['required', 'string', 'max:60'],
            'pain' => ['required', 'integer', 'between:0,10'],
            'worse' => ['required', 'boolean'],
        ];
    }
}
