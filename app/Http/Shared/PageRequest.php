<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Records\Words;
use Illuminate\Validation\Rule;

/** A page of a list: what is looked for, and after which line it goes on. */
final class PageRequest extends ApiRequest
{
    /** Lines of a page. */
    public const LINES = 30;

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
        return array_slice(Words::of($this->text('q')), 0, 8);
    }

    public function page(): ?string
    {
        return $this->text('after') === '' ? null : $this->text('after');
    }
}
