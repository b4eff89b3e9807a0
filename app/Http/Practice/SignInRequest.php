<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/**
 * @body string $email
 * @body string $password
 * @body string|null $code of the second step, where one is set up
 */
final class SignInRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['bail', 'required', 'string', 'max:190', 'email'], 'password' => ['bail', 'required', 'string', 'max:200'], 'code' => ['nullable', 'string', 'max:40']];
    }
}
