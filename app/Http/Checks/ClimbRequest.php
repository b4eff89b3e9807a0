<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use EvenRungs\Body\Side;
use EvenRungs\Progress\FormQuestion;
use Illuminate\Validation\Rule;

/**
 * A climb test as far as it went.
 *
 * @body string $id ULID made by the caller: sending twice saves once
 * @body string $ladder
 * @body Side $side
 * @body string|null $guess rung the trainer thinks the person stands on
 * @body list<ClimbTrialInput> $trials
 */
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
            'trials.*.pain' => ['required', 'integer:strict', 'between:0,10'],
        ];
    }

    /** @return list<ClimbTrialInput> */
    public function trials(): array
    {
        return array_map(static fn(mixed $trial): ClimbTrialInput => ClimbTrialInput::read(is_array($trial) ? $trial : []), $this->entries('trials'));
    }
}
