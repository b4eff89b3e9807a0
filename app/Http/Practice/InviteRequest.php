<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id
 * @body string $email
 */
final class InviteRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'email' => ['bail', 'required', 'string', 'max:190', 'email']];
    }
}
