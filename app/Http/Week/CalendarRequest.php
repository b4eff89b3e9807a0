<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Problem;
use App\Http\Shared\ApiRequest;
use EvenRungs\Week\PartTimes;

/**
 * @body int $version version that was read; 0 when nothing was kept yet
 * @body string $morning when the morning session begins, such as 07:30
 * @body string $midday
 * @body string $evening
 * @body int|null $alarmMinutes before the start; null for none
 */
final class CalendarRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $time = ['required', 'string', self::TIME];

        return ['version' => ['required', 'integer:strict', 'min:0'], 'morning' => $time, 'midday' => $time, 'evening' => $time, 'alarmMinutes' => ['present', 'nullable', 'integer:strict', 'between:0,1440']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'regex' => 'This has to be a time such as 07:30.', 'alarmMinutes.between' => 'An alarm comes at most a day before.'];
    }

    public function times(): PartTimes
    {
        $minute = fn(string $key): int => 60 * (int) substr($this->text($key), 0, 2) + (int) substr($this->text($key), 3);
        try {
            return new PartTimes($minute('morning'), $minute('midday'), $minute('evening'));
        } catch (\InvalidArgumentException $problem) {
            throw Problem::field('evening', $problem->getMessage());
        }
    }
}
