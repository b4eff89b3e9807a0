<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;
use App\Models\User;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body string $email
 * @body string|null $role trainer or reader; trainer where nothing is said
 */
final class InviteRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'email' => ['bail', 'required', 'string', 'max:190', 'email'], 'role' => ['nullable', Rule::in(['trainer', User::READER])]];
    }

    public function role(): string
    {
        return $this->text('role') === User::READER ? User::READER : 'trainer';
    }
}
