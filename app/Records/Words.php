<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Support\Str;

/** The words of a text as they are looked for: in small letters, without their marks. */
final class Words
{
    /** @return list<string> */
    public static function of(string $text): array
    {
        $plain = preg_replace('/\p{M}+/u', '', \Normalizer::normalize($text, \Normalizer::FORM_KD) ?: $text) ?? $text;

        return array_values(array_filter(preg_split('/[^\p{L}\p{N}]+/u', Str::lower($plain)) ?: [], static fn(string $word): bool => $word !== ''));
    }

    /** Each word of some texts after a space, once: what begins a word follows a space. */
    public static function kept(string ...$texts): string
    {
        return Str::limit(' '.implode(' ', array_unique(self::of(implode(' ', $texts)))), 490, '');
    }
}
