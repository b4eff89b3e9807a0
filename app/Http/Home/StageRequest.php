<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ApiRequest;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use Illuminate\Validation\Rule;

/**
 * @body string $id
 * @body StageKind $kind
 * @body StageAfter $after
 * @body int $count of days or sessions
 * @body string|null $item exercise it changes
 * @body string|null $rung that comes; null where only a dose does
 * @body string|null $dose as it is typed
 * @body string|null $message to the person
 */
final class StageRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'kind' => ['required', Rule::enum(StageKind::class)],
            'after' => ['required', Rule::enum(StageAfter::class)],
            'count' => ['required', 'integer:strict', $this->input('after') === StageAfter::Days->value ? 'between:2,84' : 'between:1,60'],
            'item' => ['nullable', 'string', 'max:40', 'required_if:kind,dose,variation'],
            'rung' => ['nullable', 'string', 'max:120', 'required_if:kind,addition,variation'],
            'dose' => ['nullable', 'string', 'max:200', 'required_if:kind,addition,dose,variation'],
            'message' => ['nullable', 'string', 'max:400', 'required_if:kind,follow-up'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'count.between' => $this->input('after') === StageAfter::Days->value ? 'A stage comes from day 2 to day 84.' : 'A stage comes after 1 to 60 sessions.',
            'item.required_if' => 'Say which exercise it changes.',
            'rung.required_if' => 'Say which exercise comes.',
            'dose.required_if' => 'Write its dose, such as 2x20s.',
            'message.required_if' => 'A follow-up needs a few words.',
            'message.max' => 'A message of a stage has at most 400 characters.',
        ];
    }
}
