<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ApiRequest;
use EvenRungs\Screening\DangerSign;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body list<string> $signs danger signs answered with yes
 */
final class ScreeningRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'signs' => ['present', 'list', 'max:40'],
            'signs.*' => ['string', 'distinct', Rule::enum(DangerSign::class)],
        ];
    }
}
