<?php

declare(strict_types=1);

namespace App\Http\Session;

/**
 * @body string $id of the session itself, so that it does not count as another one of the week
 * @body int|null $minutes of this session; the person’s own when null
 * @body int|null $picks so many of its exercises the person picks; null for all
 * @body list<BlockInput> $blocks
 */
final class FitRequest extends BlocksRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'id' => ['required', 'string', self::ULID]];
    }
}
