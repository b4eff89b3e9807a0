<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ApiRequest;
use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'log', type: 'string'),
    new OA\Property(property: 'ladder', type: 'string'),
    new OA\Property(property: 'side', type: 'string', enum: ['left', 'right', 'both']),
    new OA\Property(property: 'choice', type: 'string', enum: ['climb', 'stay', 'step-down', 'stop-ladder', 'refer']),
    new OA\Property(property: 'reason', type: 'string'),
])]
final class DecisionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'log' => ['required', 'string', self::ULID],
            'ladder' => ['required', 'string', 'max:60'],
            'side' => ['required', Rule::enum(Side::class)],
            'choice' => ['required', Rule::enum(Decision::class)],
            'reason' => ['present', 'nullable', 'string', 'max:300'],
        ];
    }
}
