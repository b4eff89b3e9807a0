<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id
 * @body string|null $replaces the version it was compared with; null where none held
 */
final class AgainRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'replaces' => ['present', 'nullable', 'string', self::ULID]];
    }
}
