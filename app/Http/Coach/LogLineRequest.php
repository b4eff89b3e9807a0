<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;

/** @body string $line */
final class LogLineRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['line' => ['required', 'string', 'max:1000']];
    }
}
