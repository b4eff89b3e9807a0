<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ApiRequest;

/** @body string $name */
final class MeRequest extends ApiRequest
{
    public const NAME = ['required', 'string', 'max:120', 'regex:/^[^\p{C}]+$/u'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => self::NAME];
    }
}
