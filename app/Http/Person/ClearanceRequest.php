<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\ApiRequest;

/**
 * @body string $id
 * @body string $clinician
 * @body string $scope
 * @body string $from
 * @body string $until
 */
final class ClearanceRequest extends ApiRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'string', self::ULID],
            'clinician' => ['required', 'string', 'max:160'],
            'scope' => ['required', 'string', 'max:500'],
            'from' => ['required', ...self::DAY],
            'until' => ['required', ...self::DAY, function (string $attribute, mixed $value, \Closure $fail): void {
                if (is_string($value) && is_string($this->input('from')) && $value < $this->input('from')) {
                    $fail('The clearance cannot end before it begins.');
                }
            }],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'clinician.required' => 'Say who cleared it.',
            'scope.required' => 'Say what is cleared.',
        ];
    }
}
