<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** What a password has to be: long enough to be no guess, and no longer than the hash reads. */
final class PasswordRule
{
    public const LEAST = 10;

    /** Bytes that the hash reads. */
    public const MOST_BYTES = 72;

    /** @return list<mixed> */
    public static function rules(): array
    {
        return ['bail', 'required', 'string', static function (string $attribute, mixed $value, \Closure $fail): void {
            if (mb_strlen(is_string($value) ? $value : '') < self::LEAST) {
                $fail('A password has at least '.self::LEAST.' characters.');
            } elseif (strlen(is_string($value) ? $value : '') > self::MOST_BYTES) {
                $fail('A password has at most '.self::MOST_BYTES.' bytes: about so many letters.');
            }
        }];
    }
}
