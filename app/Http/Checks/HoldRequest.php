<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Body\Side;
use Illuminate\Validation\Rule;

/**
 * @body string $id ULID made by the caller: sending twice saves once
 * @body HoldKind $kind
 * @body Side $side
 * @body int $seconds
 * @body HoldEnd $end
 * @body string $note
 */
final class HoldRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'kind' => ['required', Rule::enum(HoldKind::class)],
            'side' => ['required', Rule::enum(Side::class)],
            // How long a hold can be is the core's to say.
            'seconds' => ['required', 'integer:strict', 'between:-86400,864000'],
            'end' => ['required', Rule::enum(HoldEnd::class)],
            'note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }
}
