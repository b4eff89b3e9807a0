<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;

/** @body int $seconds that were trained */
final class LogTimeRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['seconds' => ['required', 'integer:strict', 'between:1,86400']];
    }
}
