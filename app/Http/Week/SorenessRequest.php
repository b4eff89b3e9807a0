<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id
 * @body int $ofTen soreness of the trunk today, 0 to 10
 */
final class SorenessRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'ofTen' => ['required', 'integer:strict', 'between:0,10']];
    }
}
