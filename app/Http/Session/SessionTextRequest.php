<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ApiRequest;

/**
 * A session as lines of text.
 *
 * @body string $text
 */
final class SessionTextRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['present', 'nullable', 'string', 'max:20000']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'text.max' => 'A session in text has at most 20000 characters.'];
    }

    public function written(): string
    {
        return $this->string('text')->toString();
    }
}
