<?php

declare(strict_types=1);

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'version', description: 'version that was read; 0 for a new session', type: 'integer'),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'minutes', description: 'of this session; the person’s own when null', type: 'integer', nullable: true),
    new OA\Property(property: 'blocks', type: 'array', items: new OA\Items(ref: '#/components/schemas/BlockInput')),
])]
final class SessionRequest extends BlocksRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'id' => ['required', 'string', self::ULID],
            'version' => ['required', 'integer', 'min:0'],
            'title' => ['required', 'string', 'max:120', 'regex:/^[^\p{C}]+$/u'],
            'blocks' => ['required', 'list', 'min:1', 'max:40'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'title.required' => 'A session needs a title.',
            'title.max' => 'A title has at most 120 characters.',
            'blocks.required' => 'A session needs at least one exercise.',
            'blocks.min' => 'A session needs at least one exercise.',
        ];
    }
}
