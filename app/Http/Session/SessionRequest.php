<?php

declare(strict_types=1);

namespace App\Http\Session;

/**
 * @body string $id
 * @body int $version version that was read; 0 for a new session
 * @body string $title
 * @body int|null $minutes of this session; the person’s own when null
 * @body int|null $picks so many of its exercises the person picks; null for all
 * @body string|null $origin where a new session comes from, as the start said
 * @body list<BlockInput> $blocks
 */
final class SessionRequest extends BlocksRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'id' => ['required', 'string', self::ULID],
            'version' => ['required', 'integer:strict', 'min:0'],
            'title' => ['required', 'string', 'max:120', 'regex:/^[^\p{C}]+$/u'],
            'origin' => ['nullable', 'string', 'max:160'],
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
