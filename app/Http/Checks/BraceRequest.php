<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\BraceSample;

/**
 * Readings of a cuff, or seconds timed by hand.
 *
 * @body string $id ULID made by the caller: sending twice saves once
 * @body list<BraceSampleInput> $samples none where it was timed by hand
 * @body int|null $seconds timed by hand; null where a cuff was read
 */
final class BraceRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'samples' => ['required_without:seconds', 'list', $this->input('seconds') === null ? 'min:2' : 'max:0', 'max:2000'],
            'seconds' => ['nullable', 'integer:strict', 'between:1,'.BraceCheck::SECONDS],
            'samples.*.ms' => ['required', 'integer:strict', 'between:0,600000'],
            'samples.*.mmHg' => ['required', 'numeric', 'between:0,300'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        $little = 'The cuff has said too little: at least two readings are needed.';

        return [...parent::messages(), 'samples.required_without' => $little, 'samples.min' => $little];
    }

    public function check(): BraceCheck
    {
        return $this->input('seconds') === null ? BraceCheck::of($this->samples()) : BraceCheck::timed($this->integer('seconds'));
    }

    /** @return list<BraceSample> */
    public function samples(): array
    {
        return array_map(static fn(mixed $sample): BraceSample => new BraceSample((int) data_get($sample, 'ms'), (float) data_get($sample, 'mmHg')), $this->entries('samples'));
    }
}
