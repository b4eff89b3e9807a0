<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;
use EvenRungs\Screening\DangerSign;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body list<string> $signs danger signs the person ticks
 */
final class SignsRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'signs' => ['required', 'list', 'min:1', 'max:40'], 'signs.*' => ['string', 'distinct', Rule::enum(DangerSign::class)]];
    }
}
