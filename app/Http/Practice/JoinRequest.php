<?php

declare(strict_types=1);

namespace App\Http\Practice;

/**
 * @body string $email
 * @body string $token from the link
 * @body string $password
 * @body string $name
 */
final class JoinRequest extends NewPasswordRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'name' => MeRequest::NAME];
    }
}
