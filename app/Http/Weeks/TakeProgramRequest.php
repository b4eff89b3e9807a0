<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'replaces', description: 'the version it was compared with; null for the first', type: 'string', nullable: true),
    new OA\Property(property: 'mondays', description: 'weeks taken over; all of them when null', type: 'array', items: new OA\Items(type: 'string'), nullable: true),
    new OA\Property(property: 'why', type: 'string'),
    new OA\Property(property: 'wish', ref: '#/components/schemas/WishView'),
])]
final class TakeProgramRequest extends ProposeProgramRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'id' => ['required', 'string', self::ULID],
            'replaces' => ['present', 'nullable', 'string', self::ULID],
            'mondays' => ['present', 'nullable', 'list', 'min:1', 'max:60'],
            'mondays.*' => ['date_format:Y-m-d', 'distinct'],
            'why' => ['present', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return list<string>|null */
    public function mondays(): ?array
    {
        return $this->input('mondays') === null ? null : $this->texts('mondays');
    }
}
