<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use EvenRungs\Assessment\BraceSample;

/**
 * Readings of a cuff.
 *
 * @body string $id ULID made by the caller: sending twice saves once
 * @body list<BraceSampleInput> $samples
 */
final class BraceRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'samples' => ['required', 'list', 'min:2', 'max:2000'],
            'samples.*.ms' => ['required', 'integer', 'between:0,600000'],
            'samples.*.mmHg' => ['required', 'numeric', 'between:0,300'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        $little = 'The cuff has said too little: at least two readings are needed.';

        return [...parent::messages(), 'samples.required' => $little, 'samples.min' => $little];
    }

    /** @return list<BraceSample> */
    public function samples(): array
    {
        return array_map(static fn(mixed $sample): BraceSample => new BraceSample((int) data_get($sample, 'ms'), (float) data_get($sample, 'mmHg')), $this->entries('samples'));
    }
}
