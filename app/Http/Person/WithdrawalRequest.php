<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ApiRequest;

/** @body string $reason */
final class WithdrawalRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['reason' => ['required', 'string', 'max:300']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'reason.required' => 'Say why the answer is taken back: it is kept.'];
    }
}
