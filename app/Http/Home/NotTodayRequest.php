<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\WordsRequest;
use EvenRungs\Home\NotToday;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body string $session that is not done on its day
 * @body string $on date
 * @body NotToday $reason
 * @body string|null $text in own words
 */
final class NotTodayRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'session' => ['required', 'string', self::ULID],
            'on' => ['required', ...self::PLANNED_DAY],
            'reason' => ['required', Rule::enum(NotToday::class)],
            'text' => ['nullable', 'string', 'max:'.WordsRequest::MOST],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'text.max' => WordsRequest::TOO_LONG];
    }
}
