<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/** @body string $current the present password */
final class CurrentPasswordRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['current' => ['bail', 'required', 'string', 'max:200', 'current_password:web']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'current.current_password' => 'This is not your present password.'];
    }
}
