<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/** @body string $email */
final class ForgottenRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['bail', 'required', 'string', 'max:190', 'email']];
    }
}
