<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;

/** Validation at the edge; meaning is the core's. Routes are behind sign-in and the practice scope. */
abstract class ApiRequest extends FormRequest
{
    public const ULID = 'regex:/^[0-9a-hjkmnp-tv-z]{26}$/';

    public function authorize(): bool
    {
        return true;
    }

    public function by(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('This route is behind sign-in.');
    }

    public function text(string $key): string
    {
        return trim($this->string($key)->toString());
    }

    /** @return list<mixed> */
    public function entries(string $key): array
    {
        $value = $this->input($key);

        return is_array($value) ? array_values($value) : [];
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return array_values(array_filter($this->entries($key), is_string(...)));
    }

    /** ULIDs are lower-cased at the edge. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('id'))) {
            $this->merge(['id' => strtolower($this->input('id'))]);
        }
    }

    /** @return array<string, string|array<string, string>> by rule, and by type where a rule measures size */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'present' => 'This is needed.',
            'string' => 'This has to be text.',
            'integer' => 'This has to be a whole number.',
            'boolean' => 'This has to be yes or no.',
            'array' => 'This has to be a list.',
            'list' => 'This has to be a list.',
            'distinct' => 'This is in the list twice.',
            'date_format' => 'This has to be a date such as 2026-11-23.',
            'after_or_equal' => 'This cannot be before the first date.',
            'before_or_equal' => 'This cannot be in the future.',
            'in' => 'This is not one of the choices.',
            Enum::class => 'This is not one of the choices.',
            'regex' => 'This does not have the right form.',
            'email' => 'This is not an e-mail address.',
            'max' => ['string' => 'At most :max characters fit here.', 'array' => 'At most :max entries fit here.', 'numeric' => 'At most :max.'],
            'min' => ['string' => 'At least :min characters, please.', 'array' => 'At least :min, please.', 'numeric' => 'At least :min.'],
            'between' => ['numeric' => 'From :min to :max.'],
        ];
    }
}
