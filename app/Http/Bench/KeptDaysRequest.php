<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\ApiRequest;

/** @body int $days */
final class KeptDaysRequest extends ApiRequest
{
    public const MOST = 14;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['days' => ['required', 'integer:strict', 'between:1,'.self::MOST]];
    }
}
