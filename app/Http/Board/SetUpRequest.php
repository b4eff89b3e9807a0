<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ApiRequest;

/**
 * @body string $rung
 * @body string $text empty to have none
 * @body int $version version that was read; 0 when there was none
 */
final class SetUpRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rung' => ['required', 'string', 'max:130'],
            'text' => ['present', 'nullable', 'string', 'max:300'],
            'version' => ['required', 'integer:strict', 'min:0'],
        ];
    }
}
