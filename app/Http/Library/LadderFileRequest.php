<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Http\Shared\ApiRequest;

/**
 * @body string $text contents of a ladder file, YAML or JSON
 */
final class LadderFileRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:400000'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'text.max' => 'This file is larger than a ladder can be (400 000 characters).'];
    }
}
