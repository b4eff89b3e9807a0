<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;
use App\Models\User;
use Illuminate\Validation\Rule;

/** @body string $role owner, trainer or reader */
final class RoleRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['required', Rule::in(['owner', 'trainer', User::READER])]];
    }
}
