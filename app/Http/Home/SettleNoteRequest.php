<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\WordsRequest;

/** @body string|null $text an answer */
final class SettleNoteRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['nullable', 'string', 'max:'.WordsRequest::MOST]];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'text.max' => WordsRequest::TOO_LONG];
    }
}
