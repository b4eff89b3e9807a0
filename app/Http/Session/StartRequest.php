<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ApiRequest;

/**
 * What a new session starts from.
 *
 * @body 'board'|'empty'|'template'|'session' $from
 * @body string|null $template slug, from a template
 * @body string|null $session id of an earlier session of the practice
 */
final class StartRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from' => ['required', 'string', 'in:board,empty,template,session'],
            'template' => ['nullable', 'required_if:from,template', 'string', 'max:80'],
            'session' => ['nullable', 'required_if:from,session', 'string', self::ULID],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'template.required_if' => 'Say which template.', 'session.required_if' => 'Say which session.'];
    }
}
