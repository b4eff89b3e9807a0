<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/** @body string $code as the authenticator shows it */
final class AuthenticatorCodeRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['bail', 'required', 'string', 'max:40']];
    }
}
