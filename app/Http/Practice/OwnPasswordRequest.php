<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/**
 * @body string $current
 * @body string $password
 */
final class OwnPasswordRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current' => ['bail', 'required', 'string', 'current_password:web'], 'password' => PasswordRule::rules()];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'current.current_password' => 'This is not your present password.'];
    }
}
