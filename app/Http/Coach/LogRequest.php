<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\ApiRequest;
use App\Records\ReportedSet;
use EvenRungs\Body\Side;
use EvenRungs\Load\ActiveTime;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use Illuminate\Validation\Rule;

/**
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
        $number = ['present', 'nullable', 'integer:strict', 'between:0,2000'];
        $scale = ['present', 'nullable', 'integer:strict', 'between:0,10'];

        return [
            'id' => ['required', 'string', self::ULID],
            'session' => ['required', 'string', self::ULID],
            'seconds' => ['present', 'nullable', 'integer:strict', 'between:0,86400'],
            'moments' => ['nullable', 'list', 'max:20000'],
            'moments.*' => ['integer:strict', 'between:0,604800'],
            'painBefore' => ['nullable', 'list', 'max:8'],
            'painBefore.*.place' => ['required', Rule::enum(PainPlace::class)],
            'painBefore.*.side' => ['nullable', Rule::in([Side::Left->value, Side::Right->value])],
            'painBefore.*.pain' => ['required', 'integer:strict', 'between:1,10'],
            'sets' => ['required', 'list', 'min:1', 'max:400'],
            'sets.*.item' => ['required', 'string', 'max:40'],
            'sets.*.set' => ['required', 'integer:strict', 'between:1,25'],
            'sets.*.both' => $number,
            'sets.*.left' => $number,
            'sets.*.right' => $number,
            'sets.*.form' => ['present', 'array:'.implode(',', array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()))],
            'sets.*.form.*' => ['boolean:strict'],
            'sets.*.pain' => $scale,
            'sets.*.effort' => $scale,
            'sets.*.travellingPain' => ['required', 'boolean:strict'],
            'sets.*.felt' => ['nullable', Rule::enum(Felt::class)],
            'sets.*.feltWrong' => ['sometimes', 'boolean:strict'],
            'sets.*.rung' => ['nullable', 'string', 'max:130', 'required_with:sets.*.dose'],
            'sets.*.dose' => ['nullable', 'string', 'max:120', 'required_with:sets.*.rung'],
            'sets.*.painSide' => ['nullable', Rule::enum(Side::class)],
            'sets.*.painPlace' => ['nullable', Rule::enum(PainPlace::class)],
            'sets.*.painNote' => ['present', 'nullable', 'string', 'max:500'],
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
        return $this->input('painBefore') === null ? null : array_map(static function (mixed $pain): StartPain {
            $pain = is_array($pain) ? $pain : [];
            $text = static fn(string $key): string => is_string($pain[$key] ?? null) ? $pain[$key] : '';

            return new StartPain(PainPlace::from($text('place')), Side::tryFrom($text('side')), is_numeric($pain['pain'] ?? null) ? (int) $pain['pain'] : 0);
        }, $this->entries('painBefore'));
    }

    /** @return list<ReportedSet> */
    public function sets(): array
    {
        return array_map(static fn(mixed $set): ReportedSet => ReportedSet::read(is_array($set) ? $set : []), $this->entries('sets'));
    }
}
