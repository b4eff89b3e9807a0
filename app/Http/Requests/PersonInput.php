<?php

declare(strict_types=1);

namespace App\Http\Requests;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Screening\State;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'id', description: 'ULID made by the caller', type: 'string'),
    new OA\Property(property: 'version', description: 'version that was read; 0 for a new person', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'about', type: 'string'),
    new OA\Property(property: 'aim', type: 'string'),
    new OA\Property(property: 'trainingDays', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'minutes', type: 'integer'),
    new OA\Property(property: 'kit', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'limits', type: 'array', items: new OA\Items(ref: '#/components/schemas/LimitInput')),
])]
final class PersonInput extends Input
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'version' => ['required', 'integer', 'min:0'],
            'name' => ['required', 'string', 'max:120', 'regex:/^[^\p{C}]+$/u'],
            'about' => ['present', 'nullable', 'string', 'max:160'],
            'aim' => ['required', Rule::enum(Aim::class)],
            'trainingDays' => ['required', 'list', 'min:1', 'max:7'],
            'trainingDays.*' => ['integer', 'between:1,7', 'distinct'],
            'minutes' => ['required', 'integer', 'between:3,180'],
            'kit' => ['present', 'list', 'max:40'],
            'kit.*' => ['string', 'distinct', Rule::enum(Kit::class)],
            'limits' => ['present', 'list', 'max:20'],
            'limits.*.state' => ['required', Rule::enum(State::class)],
            'limits.*.side' => ['required', Rule::enum(Side::class)],
            'limits.*.note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'name.required' => 'A person needs a name.',
            'name.max' => 'A name has at most 120 characters.',
            'name.regex' => 'A name is one line of text.',
            'trainingDays.required' => 'Choose at least one training day.',
            'trainingDays.min' => 'Choose at least one training day.',
            'minutes.required' => 'Say how many minutes there are.',
            'minutes.between' => 'From 3 to 180 minutes.',
        ];
    }

    /** @return array<string, mixed> the columns of the person */
    public function columns(): array
    {
        $days = array_map(intval(...), array_filter($this->entries('trainingDays'), is_numeric(...)));
        sort($days);

        return [
            'name' => $this->text('name'),
            'about' => $this->text('about'),
            'aim' => $this->text('aim'),
            'training_days' => $days,
            'minutes' => $this->integer('minutes'),
            'kit' => $this->texts('kit'),
        ];
    }

    /** @return list<LimitInput> */
    public function limits(): array
    {
        return array_map(static fn(mixed $limit): LimitInput => LimitInput::read(is_array($limit) ? $limit : []), $this->entries('limits'));
    }
}
