<?php

declare(strict_types=1);

namespace App\Http\Shared;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A list of cases of an enum by their values, none of them twice. One rule for the list: one for each entry takes the square of its time. */
final readonly class EachOnce implements ValidationRule
{
    /** @param class-string<\BackedEnum> $of */
    public function __construct(private string $of) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $known = array_map(static fn(\BackedEnum $case): int|string => $case->value, $this->of::cases());
        $seen = [];
        foreach (is_array($value) ? $value : [] as $at => $one) {
            if (! is_string($one)) {
                $fail("{$attribute}.{$at}", ApiRequest::SAID['string']);
            } elseif (! in_array($one, $known, true)) {
                $fail("{$attribute}.{$at}", ApiRequest::SAID['in']);
            } elseif (in_array($one, $seen, true)) {
                $fail("{$attribute}.{$at}", ApiRequest::SAID['distinct']);
            } else {
                $seen[] = $one;
            }
        }
    }
}
