<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Str;

/** The words of a text as they are looked for: in small letters, without their marks. */
final class Words
{
    /** Signs of a word by which it is found. */
    public const LONGEST = 64;

    /** @return list<string> */
    public static function of(string $text): array
    {
        $plain = preg_replace('/\p{M}+/u', '', \Normalizer::normalize($text, \Normalizer::FORM_KD) ?: $text) ?? $text;

        return array_values(array_filter(preg_split('/[^\p{L}\p{N}]+/u', Str::lower($plain)) ?: [], static fn(string $word): bool => $word !== ''));
    }

    /**
     * The words that are kept, one by one, as an index has them.
     *
     * @return list<string> each once, in order
     */
    public static function found(string $kept): array
    {
        $words = array_unique(array_map(static fn(string $word): string => mb_substr($word, 0, self::LONGEST), self::of($kept)));
        sort($words, SORT_STRING);

        return $words;
    }

    /** Each word of some texts after a space, once: what begins a word follows a space. */
    public static function kept(string ...$texts): string
    {
        return Str::limit(' '.implode(' ', array_unique(self::of(implode(' ', $texts)))), 490, '');
    }
}
