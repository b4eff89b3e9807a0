<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/**
 * @body string $email
 * @body string $token from the link
 * @body string $password
 * @body string|null $code of the second step, where one is set up
 */
class NewPasswordRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['bail', 'required', 'string', 'max:190', 'email'], 'token' => ['required', 'string', 'max:100'], 'password' => PasswordRule::rules(), 'code' => ['nullable', 'string', 'max:40']];
    }

    /** @return array{email: string, token: string, password: string} what the framework's broker asks for */
    public function credentials(): array
    {
        return ['email' => mb_strtolower($this->text('email')), 'token' => $this->text('token'), 'password' => $this->string('password')->toString()];
    }
}
