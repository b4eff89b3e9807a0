<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Illuminate\Validation\Rule;

/** A page of a list: what is looked for, and after which line it goes on. */
final class PageRequest extends ApiRequest
{
    /** Lines of a page. */
    public const LINES = 50;

    public const SHOWN = ['stop', 'decide', 'due', 'uneven', 'put-away'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'q' => ['nullable', 'string', 'max:120'],
            'show' => ['nullable', 'string', Rule::in(self::SHOWN)],
            'after' => ['nullable', 'string', 'max:600'],
            'with' => ['nullable', self::ULID],
            'older' => ['nullable', 'string', 'in:yes'],
        ];
    }

    /** @return list<string> what is looked for: beginnings of words */
    public function words(): array
    {
        return array_slice(array_values(array_filter(preg_split('/[^\p{L}\p{N}]+/u', $this->text('q')) ?: [], static fn(string $word): bool => $word !== '')), 0, 8);
    }

    public function page(): ?string
    {
        return $this->text('after') === '' ? null : $this->text('after');
    }
}
