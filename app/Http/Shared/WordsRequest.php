<?php

declare(strict_types=1);

namespace App\Http\Shared;

/**
 * @body string $id
 * @body string $text
 */
final class WordsRequest extends ApiRequest
{
    public const MOST = 2000;

    public const TOO_LONG = 'At most 2000 characters: nothing was sent.';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'text' => ['required', 'string', 'max:'.self::MOST]];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'text.required' => 'Write a few words first.', 'text.max' => self::TOO_LONG];
    }
}
