<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** What the trade calls exercises, beside the names of our own: which rungs are meant, and which of our words. */
final class Names
{
    private const EMPTY_WORDS = ['the', 'a', 'an', 'on', 'of', 'and', 'with', 'in', 'to', 'by', 'at', 'ladder'];

    /**
     * Slugs, the likeliest first, by name in its normal form; names as they are written, by slug; our words, by what
     * else is said, both plain.
     *
     * @var array{array<string, list<string>>, array<string, list<string>>, array<string, string>}|null
     */
    private ?array $read = null;

    /** @param array<array-key, mixed> $data */
    private function __construct(private readonly array $data) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param array<array-key, mixed> $data decoded contents of library/names.yaml
     *
     * @throws InvalidLadder where a name means nothing, or is there twice
     */
    public static function of(array $data): self
    {
        $names = new self($data);
        $names->read();

        return $names;
    }

    /**
     * Names known to be sound wait until one is asked for: most of what is asked of a library is about other things.
     *
     * @param array<array-key, mixed> $data
     */
    public static function waiting(array $data): self
    {
        return new self($data);
    }

    /** @return array{array<string, list<string>>, array<string, list<string>>, array<string, string>} */
    private function read(): array
    {
        if ($this->read !== null) {
            return $this->read;
        }
        $rungs = $said = $words = [];
        foreach (is_array($this->data['names'] ?? null) ? $this->data['names'] : [] as $name => $slugs) {
            $normal = self::normal((string) $name);
            if (! is_array($slugs) || $slugs === [] || isset($rungs[$normal])) {
                throw InvalidLadder::because("names: “{$name}” means nothing, or is there twice.");
            }
            foreach ($slugs as $slug) {
                $slug = is_string($slug) ? $slug : throw InvalidLadder::because("names: “{$name}” means something that is no rung.");
                $rungs[$normal][] = $slug;
                $said[$slug][] = (string) $name;
            }
        }
        foreach (is_array($this->data['words'] ?? null) ? $this->data['words'] : [] as $other => $ours) {
            $words[self::plain((string) $other)] = self::plain(is_string($ours) ? $ours : '');
        }

        return $this->read = [$rungs, $said, $words];
    }

    /** @return list<string> slugs of the rungs a name means, the likeliest first; none where it is no such name */
    public function meant(string $name): array
    {
        return $this->read()[0][self::normal($name)] ?? [];
    }

    /** @return list<string> what else the trade calls a rung */
    public function alsoCalled(Rung $rung): array
    {
        return $this->read()[1][$rung->slug] ?? [];
    }

    /** @return array<string, list<string>> slugs by name in its normal form */
    public function all(): array
    {
        return $this->read()[0];
    }

    /** A plain name with our own word in place of the first other one. */
    public function inOurWords(string $plain): string
    {
        foreach ($this->read()[2] as $said => $ours) {
            $found = preg_replace('/\b'.preg_quote($said, '/').'\b/', $ours, $plain, 1, $count);
            if ($count > 0 && ! str_contains($plain, $ours)) {
                return (string) $found;
            }
        }

        return $plain;
    }

    /** Lower case, nothing but letters, figures and single blanks; what follows an apostrophe belongs to its word. */
    public static function plain(string $text): string
    {
        return trim((string) preg_replace(['/[\'’]/u', '/[^\p{L}\p{N}]+/u'], ['', ' '], mb_strtolower($text)));
    }

    /** @return list<string> of a plain text, without those that tell nothing apart */
    public static function words(string $plain): array
    {
        return array_values(array_filter(explode(' ', $plain), static fn(string $word): bool => $word !== '' && ! in_array($word, self::EMPTY_WORDS, true)));
    }

    /** The same for one and for many, with a hyphen and without. */
    private static function normal(string $name): string
    {
        return implode(' ', self::words(implode(' ', array_map(self::singular(...), explode(' ', self::plain($name))))));
    }

    private static function singular(string $word): string
    {
        return match (true) {
            strlen($word) < 3, str_ends_with($word, 'ss') => $word,
            str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            preg_match('/(ss|ch|sh|x)es$/', $word) === 1 => substr($word, 0, -2),
            str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };
    }
}
