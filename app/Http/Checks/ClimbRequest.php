<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Api\OneOf;
use App\Http\Shared\ApiRequest;
use EvenRungs\Body\Side;
use EvenRungs\Progress\FormQuestion;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

/** A climb test as far as it went. */
#[OA\Schema(properties: [
    new OA\Property(property: 'id', description: 'ULID made by the caller: sending twice saves once', type: 'string'),
    new OA\Property(property: 'ladder', type: 'string'),
    new OneOf(Side::class, property: 'side'),
    new OA\Property(property: 'guess', description: 'rung the trainer thinks the person stands on', type: 'string', nullable: true),
    new OA\Property(property: 'trials', type: 'array', items: new OA\Items(ref: '#/components/schemas/ClimbTrialInput')),
])]
final class ClimbRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'ladder' => ['required', 'string', 'max:60'],
            'side' => ['required', Rule::enum(Side::class)],
            'guess' => ['present', 'nullable', 'string', 'max:130'],
            'trials' => ['present', 'list', 'max:60'],
            'trials.*.rung' => ['required', 'string', 'max:130', 'distinct'],
            'trials.*.faults' => ['present', 'list', 'max:12'],
            'trials.*.faults.*' => [Rule::enum(FormQuestion::class)],
            'trials.*.pain' => ['required', 'integer', 'between:0,10'],
        ];
    }

    /** @return list<ClimbTrialInput> */
    public function trials(): array
    {
        return array_map(static fn(mixed $trial): ClimbTrialInput => ClimbTrialInput::read(is_array($trial) ? $trial : []), $this->entries('trials'));
    }
}
