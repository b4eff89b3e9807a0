<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id
 * @body string $item
 * @body int $set
 * @body int|null $both
 * @body int|null $left
 * @body int|null $right
 * @body int|null $pain
 * @body int|null $effort
 */
final class CorrectionRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $number = ['present', 'nullable', 'integer:strict', 'between:0,2000'];
        $scale = ['present', 'nullable', 'integer:strict', 'between:0,10'];

        return [
            'id' => ['required', 'string', self::ULID], 'item' => ['required', 'string', 'max:40'], 'set' => ['required', 'integer:strict', 'between:1,25'],
            'both' => $number, 'left' => $number, 'right' => $number, 'pain' => $scale, 'effort' => $scale,
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        $done = 'What was done in a set goes from 0 to 2000.';

        return [...parent::messages(), 'both.between' => $done, 'left.between' => $done, 'right.between' => $done, 'pain.between' => 'Pain goes from 0 to 10.', 'effort.between' => 'Effort goes from 0 to 10.'];
    }

    /** @return array{both: int|null, left: int|null, right: int|null, pain: int|null, effort: int|null} */
    public function figures(): array
    {
        $of = fn(string $key): ?int => is_int($this->input($key)) ? $this->input($key) : null;

        return ['both' => $of('both'), 'left' => $of('left'), 'right' => $of('right'), 'pain' => $of('pain'), 'effort' => $of('effort')];
    }
}
