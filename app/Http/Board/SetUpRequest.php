<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ApiRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'rung', type: 'string'),
    new OA\Property(property: 'text', description: 'empty to have none', type: 'string'),
    new OA\Property(property: 'version', description: 'version that was read; 0 when there was none', type: 'integer'),
])]
final class SetUpRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rung' => ['required', 'string', 'max:130'],
            'text' => ['present', 'nullable', 'string', 'max:300'],
            'version' => ['required', 'integer', 'min:0'],
        ];
    }
}
