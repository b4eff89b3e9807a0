<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\OneOf;
use App\Http\Shared\ApiRequest;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Body\Side;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', description: 'ULID made by the caller: sending twice saves once', type: 'string'),
    new OneOf(HoldKind::class, property: 'kind'),
    new OneOf(Side::class, property: 'side'),
    new OA\Property(property: 'seconds', type: 'integer'),
    new OneOf(HoldEnd::class, property: 'end'),
    new OA\Property(property: 'note', type: 'string'),
])]
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
            'seconds' => ['required', 'integer', 'between:-86400,864000'],
            'end' => ['required', Rule::enum(HoldEnd::class)],
            'note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }
}
