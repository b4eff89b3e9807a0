<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id
 * @body string $log
 * @body string $ladder
 * @body int $pain
 * @body bool $worse
 */
final class MorningRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'log' => ['required', 'string', self::ULID],
            'ladder' => ['required', 'string', 'max:60'],
            'pain' => ['required', 'integer:strict', 'between:0,10'],
            'worse' => ['required', 'boolean:strict'],
        ];
    }
}
