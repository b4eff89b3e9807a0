<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/** @body bool $asked of everybody in the practice */
final class SecondStepAskedRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['asked' => ['required', 'boolean:strict']];
    }
}
