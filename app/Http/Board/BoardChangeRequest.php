<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\EachOnce;
use App\Http\Shared\LimitInput;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Screening\State;
use Illuminate\Validation\Rule;

/**
 * Limits and kit as they stand in a form that is not saved yet.
 *
 * @body list<string> $kit
 * @body list<LimitInput> $limits
 */
final class BoardChangeRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kit' => ['present', 'list', 'max:40', new EachOnce(Kit::class)],
            'limits' => ['present', 'list', 'max:20'],
            'limits.*.state' => ['required', Rule::enum(State::class)],
            'limits.*.side' => ['required', Rule::enum(Side::class)],
        ];
    }

    /** @return list<LimitInput> */
    public function limits(): array
    {
        return array_map(static fn(mixed $limit): LimitInput => LimitInput::read(is_array($limit) ? $limit : []), $this->entries('limits'));
    }
}
