<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Models\User;
use Illuminate\Contracts\Validation\Factory;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Enum;

/** Validation at the edge; meaning is the core's. Routes are behind sign-in and the practice scope. */
abstract class ApiRequest extends FormRequest
{
    /** What identifiers look like that devices make. */
    public const ID = '/^[0-9a-hjkmnp-tv-z]{26}$/';

    public const ULID = 'regex:'.self::ID;

    /** A clock time. */
    public const TIME = 'regex:/^([01]\d|2[0-3]):[0-5]\d$/';

    /** A day somebody may speak of. */
    public const DAY = ['bail', 'string', 'date_format:Y-m-d', 'after_or_equal:1900-01-01', 'before_or_equal:2100-12-31'];

    /** A day that is planned: at most three years ahead; what was planned long ago stays in what is sent. */
    public const PLANNED_DAY = ['bail', 'string', 'date_format:Y-m-d', 'after_or_equal:1900-01-01', 'before_or_equal:+3 years'];

    /** What is said by rule, and by type where a rule measures size. */
    public const SAID = [
        'required' => 'This is needed.',
        'present' => 'This is needed.',
        'string' => 'This has to be text.',
        'integer' => 'This has to be a whole number.',
        'boolean' => 'This has to be yes or no.',
        'array' => 'This has to be a list.',
        'list' => 'This has to be a list.',
        'distinct' => 'This is in the list twice.',
        'date_format' => 'This has to be a date such as 2026-11-23.',
        'after_or_equal' => 'This is too early to be meant.',
        'before_or_equal' => 'This is too late to be meant.',
        'in' => 'This is not one of the choices.',
        Enum::class => 'This is not one of the choices.',
        'regex' => 'This does not have the right form.',
        'email' => 'This is not an e-mail address.',
        'max' => ['string' => 'At most :max characters fit here.', 'array' => 'At most :max entries fit here.', 'numeric' => 'At most :max.'],
        'min' => ['string' => 'At least :min characters, please.', 'array' => 'At least :min, please.', 'numeric' => 'At least :min.'],
        'between' => ['numeric' => 'From :min to :max.'],
    ];

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

    /**
     * Lists are measured before anything in them is looked at: a rule for each entry of a list without end takes minutes.
     *
     * @param Factory $factory
     */
    protected function createDefaultValidator($factory): Validator
    {
        $lists = [];
        foreach ($this->validationRules() as $key => $rules) {
            $measured = array_values(array_filter(is_array($rules) ? $rules : [], static fn(mixed $rule): bool => is_string($rule) && preg_match('/^(?:nullable|list|array|max:\d+)(?::|$)/', $rule) === 1));
            if (array_filter($measured, static fn(string $rule): bool => $rule === 'list' || str_starts_with($rule, 'array')) !== []) {
                $lists[substr_count((string) $key, '.')][$key] = $measured;
            }
        }
        ksort($lists);
        // What lies in a list is measured once the list itself is short enough.
        foreach ($lists as $rules) {
            $factory->make($this->validationData(), $rules, $this->messages())->validate();
        }

        return parent::createDefaultValidator($factory);
    }

    /** ULIDs are lower-cased at the edge. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('id'))) {
            $this->merge(['id' => strtolower($this->input('id'))]);
        }
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return self::SAID;
    }
}
