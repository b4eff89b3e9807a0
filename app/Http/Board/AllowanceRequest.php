<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id ULID made by the caller: sending twice allows once
 * @body string $rung
 * @body string $reason
 */
final class AllowanceRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'rung' => ['required', 'string', 'max:130'],
            'reason' => ['required', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'reason.required' => 'Say why it is allowed: the reason is kept, and stands beside the rung.'];
    }
}
