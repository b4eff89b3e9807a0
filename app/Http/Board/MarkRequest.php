<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ApiRequest;

/**
 * @body string $rung
 * @body int|null $target of a set; null for that of the table again
 * @body string $reason
 */
final class MarkRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rung' => ['required', 'string', 'max:130'],
            'target' => ['present', 'nullable', 'integer:strict', 'between:0,99999'],
            'reason' => ['present', 'nullable', 'string', 'max:200', 'required_with:target'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'reason.required_with' => 'Another mark needs a reason: it stands beside the gate.'];
    }
}
