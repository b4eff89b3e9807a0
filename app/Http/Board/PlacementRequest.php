<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ApiRequest;
use EvenRungs\Body\Side;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body string $rung
 * @body 'left'|'right'|'both' $side
 * @body string|null $range such as 45cm, on rungs that have one; the smallest when left out
 * @body string $reason
 * @body bool|null $far said yes to a big jump
 * @body bool|null $guessed it is a careful guess below what was tested
 */
final class PlacementRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'rung' => ['required', 'string', 'max:130'],
            'side' => ['required', Rule::enum(Side::class)],
            'range' => ['nullable', 'string', 'max:8'],
            'far' => ['nullable', 'boolean:strict'],
            'guessed' => ['nullable', 'boolean:strict'],
            'reason' => ['present', 'nullable', 'string', 'max:300'],
        ];
    }
}
