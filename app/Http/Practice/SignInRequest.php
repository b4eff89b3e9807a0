<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/**
 * @body string $email
 * @body string $password
 */
final class SignInRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }
}
