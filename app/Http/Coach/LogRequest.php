<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;
use App\Records\TrainingEvents;
use EvenRungs\Load\ActiveTime;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Progress\StartPain;

/**
 * A log as a whole, as pages sent it before trainings were told event by event.
 *
 * @body string $id ULID made on the device: sending twice saves once
 * @body string $session
 * @body int|null $seconds as somebody says it was; null to count it from the moments
 * @body list<int>|null $moments seconds after the start at which something was done
 * @body list<StartPain>|null $painBefore pain that was there before the first set; null when nobody asked
 * @body list<ReportedSet> $sets
 */
final class LogRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'session' => ['required', 'string', self::ULID],
            'seconds' => ['present', 'nullable', 'integer:strict', 'between:0,86400'],
            'moments' => ['nullable', 'list', 'max:20000'],
            'moments.*' => ['integer:strict', 'between:0,604800'],
            ...ReportedRules::before('painBefore'),
            'sets' => ['required', 'list', 'min:1', 'max:400'],
            ...ReportedRules::set('sets.*'),
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'sets.required' => 'Nothing was logged yet: at least one set is needed.', 'sets.min' => 'Nothing was logged yet: at least one set is needed.'];
    }

    /** What was trained, in seconds; null where nobody knows. */
    public function seconds(): ?int
    {
        return $this->input('seconds') === null
            ? ActiveTime::of(array_map(static fn(mixed $moment): int => is_numeric($moment) ? (int) $moment : 0, $this->entries('moments')))
            : $this->integer('seconds');
    }

    /** @return list<StartPain>|null */
    public function painBefore(): ?array
    {
        return $this->input('painBefore') === null ? null : TrainingEvents::pains($this->entries('painBefore'));
    }

    /** @return list<ReportedSet> */
    public function sets(): array
    {
        return array_map(static fn(mixed $set): ReportedSet => ReportedSet::read(is_array($set) ? $set : []), $this->entries('sets'));
    }
}
