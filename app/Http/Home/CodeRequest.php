<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;

/** @body string $code six figures that the trainer sees */
final class CodeRequest extends ApiRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['code' => ['bail', 'required', 'string', 'regex:/^\s*\d{3}\s?\d{3}\s*$/']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'code.regex' => 'The code has six figures.'];
    }

    public function code(): string
    {
        return (string) preg_replace('/\D/', '', $this->text('code'));
    }
}
