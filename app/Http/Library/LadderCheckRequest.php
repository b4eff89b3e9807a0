<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Http\Shared\ApiRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'document', type: 'object', additionalProperties: true),
])]
final class LadderCheckRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
        ];
    }

    /** @return array<array-key, mixed> */
    public function document(): array
    {
        $document = $this->input('document');

        return is_array($document) ? $document : [];
    }
}
