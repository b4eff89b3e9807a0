<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Http\Shared\ApiRequest;
use App\Time\PracticeClock;
use EvenRungs\Person\SharedPart;
use Illuminate\Validation\Rule;

/**
 * @body list<SharedPart> $parts
 * @body string|null $until the last day; null without an end
 */
final class ReadershipRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $today = PracticeClock::of($this->by())->today()->iso();

        return [
            'parts' => ['required', 'list', 'min:1', 'max:'.count(SharedPart::cases())],
            'parts.*' => ['string', 'distinct', Rule::enum(SharedPart::class)],
            'until' => ['nullable', ...self::PLANNED_DAY, "after_or_equal:{$today}"],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [...parent::messages(), 'parts.required' => 'Choose what is shared.', 'parts.min' => 'Choose what is shared.', 'until.after_or_equal' => 'The last day cannot be over already.'];
    }

    /** @return list<SharedPart> in the order of the record */
    public function parts(): array
    {
        return array_values(array_filter(SharedPart::cases(), fn(SharedPart $part): bool => in_array($part->value, $this->texts('parts'), true)));
    }
}
