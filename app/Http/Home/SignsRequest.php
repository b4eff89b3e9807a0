<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\EachOnce;
use EvenRungs\Screening\DangerSign;

/**
 * @body string $id
 * @body list<string> $signs danger signs the person ticks
 */
final class SignsRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['required', 'string', self::ULID], 'signs' => ['required', 'list', 'min:1', 'max:40', new EachOnce(DangerSign::class)]];
    }
}
