<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\BlockText;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'blocks', type: 'array', items: new OA\Items(ref: '#/components/schemas/BlockInput')),
])]
class PreviewInput extends Input
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'blocks' => ['present', 'list', 'max:40'],
            'blocks.*.kind' => ['required', 'in:straight,circuit'],
            'blocks.*.items' => ['required', 'list', 'min:1', 'max:40'],
            'blocks.*.items.*.id' => ['required', 'string', 'max:40', 'regex:/^[a-z0-9-]+$/', 'distinct'],
            'blocks.*.items.*.rung' => ['required', 'string', 'max:130'],
            'blocks.*.items.*.dose' => ['present', 'nullable', 'string', 'max:120'],
            'blocks.*.gapSeconds' => ['present', 'list', 'max:40'],
            'blocks.*.gapSeconds.*' => ['integer', 'between:0,600'],
            'blocks.*.roundRestSeconds' => ['required', 'integer', 'between:0,600'],
        ];
    }

    /** @return list<BlockText> */
    public function blocks(): array
    {
        return array_map(static fn(mixed $block): BlockText => BlockText::read(is_array($block) ? $block : []), $this->entries('blocks'));
    }
}
