<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/**
 * Finds the rung that a few typed words mean. Every word counts by how well it stands in the name of the rung or of
 * its ladder; words that name a whole ladder mean the working rung of the person written for. Unsure answers carry
 * the choices.
 */
final class NameIndex
{
    /** What else the trade says for words in our names. */
    private const ALSO = [
        'side plank' => 'side bridge', 'bird dog' => 'opposite arm and leg', 'bird-dog' => 'opposite arm and leg',
        'deadbug' => 'dead-bug', 'dead bug' => 'dead-bug', 'hip thrust' => 'shoulders on a bench', 'glute bridge' => 'bridge',
        'suitcase' => 'one-side', 'roll out' => 'rollout', 'ab wheel' => 'kneeling wheel', 'deadlift' => 'lift from the floor',
        'pushout' => 'press-out', 'push-out' => 'press-out', 'press out' => 'press-out', 'kneeling plank' => 'front plank knees down',
        'plank on knees' => 'front plank knees down', 'all-fours' => 'all fours', 'knees bent bridge' => 'bridge', 'plank' => 'front plank',
    ];

    private const EMPTY_WORDS = ['the', 'a', 'an', 'on', 'of', 'and', 'with', 'in', 'to', 'by', 'at'];

    /** Below this the words say too little. */
    private const LEAST = 55;

    /** So far ahead of the next one, the best is taken without asking. */
    private const AHEAD = 6;

    private const ENOUGH = 65;

    /** Every word stands in the name, at least by its beginning. */
    private const ALL_THERE = 70;

    private const CHOICES = 6;

    /** @var list<array{Rung, string, list<string>, list<string>}> rung, plain name, its words, words around it */
    private array $rungs = [];

    /** @var array<string, string> plain name of each ladder, by slug */
    private array $ladders = [];

    /** @param list<Ladder> $ladders */
    public function __construct(array $ladders)
    {
        foreach ($ladders as $ladder) {
            $this->ladders[$ladder->slug] = implode(' ', self::words(self::plain($ladder->name)));
            foreach ($ladder->rungs as $rung) {
                $name = self::plain($rung->name);
                $this->rungs[] = [$rung, $name, self::words($name), [...self::words(self::plain($ladder->name)), ...self::words(self::plain($rung->shortName))]];
            }
        }
    }

    /** @param array<string, Rung> $working working rung by ladder of the person written for */
    public function find(string $words, array $working = []): NameMatch
    {
        $plain = self::plain($words);
        foreach ($this->rungs as [$rung, $name]) {
            if ($name === $plain) {
                return NameMatch::sure($rung);
            }
        }
        $asked = self::words(self::inOurWords($plain));
        if ($asked === []) {
            return NameMatch::unsure([]);
        }
        $ladder = array_search(implode(' ', $asked), $this->ladders, true);
        if ($ladder !== false) {
            return isset($working[$ladder]) ? NameMatch::sure($working[$ladder]) : NameMatch::unsure($this->on((string) $ladder));
        }
        $ranked = [];
        foreach ($this->rungs as [$rung, , $name, $around]) {
            [$score, $worst] = self::score($asked, $name, $around);
            if ($score < self::LEAST) {
                continue;
            }
            $works = isset($working[$rung->ladder]) && $working[$rung->ladder]->slug === $rung->slug;
            if ($works && $worst >= self::ALL_THERE) {
                $score += 2 * self::AHEAD;
            }
            $ranked[] = [$score - (int) $rung->branch, $rung];
        }
        usort($ranked, static fn(array $a, array $b): int => [$b[0], $a[1]->height->tenths, $a[1]->slug] <=> [$a[0], $b[1]->height->tenths, $b[1]->slug]);
        $isSure = $ranked !== [] && $ranked[0][0] >= self::ENOUGH && (! isset($ranked[1]) || $ranked[0][0] - $ranked[1][0] >= self::AHEAD);

        return $isSure ? NameMatch::sure($ranked[0][1]) : NameMatch::unsure(array_map(static fn(array $entry): Rung => $entry[1], array_slice($ranked, 0, self::CHOICES)));
    }

    /** @return list<string> what else the trade calls a rung: names that begin like ours, or whose every word is in it */
    public static function alsoCalled(Rung $rung): array
    {
        $name = self::plain($rung->name);
        $words = self::words($name);

        return array_keys(array_filter(self::ALSO, static function (string $ours) use ($name, $words): bool {
            $asked = self::words(self::plain($ours));

            return str_starts_with($name, self::plain($ours)) || (count($asked) > 1 && array_diff($asked, $words) === []);
        }));
    }

    /** @return list<Rung> the lowest rungs of a ladder */
    private function on(string $ladder): array
    {
        $rungs = array_filter(array_column($this->rungs, 0), static fn(Rung $rung): bool => $rung->ladder === $ladder);

        return array_slice(array_values($rungs), 0, self::CHOICES);
    }

    /**
     * Of 100: three quarters for the words asked for that are there, a quarter for how much of the name they make up.
     *
     * @param list<string> $asked
     * @param list<string> $name
     * @param list<string> $around words of the ladder and the short name, which count a little less
     *
     * @return array{int, int} score, and how well the word fits that fits least
     */
    private static function score(array $asked, array $name, array $around): array
    {
        $found = 0;
        $worst = 100;
        $used = [];
        foreach ($asked as $word) {
            $best = 0;
            $place = null;
            foreach ($name as $at => $other) {
                $like = self::likeness($word, $other);
                if ($like > $best && ! isset($used[$at])) {
                    $best = $like;
                    $place = $at;
                }
            }
            if ($place !== null) {
                $used[$place] = true;
            }
            foreach ($best === 100 ? [] : $around as $other) {
                $best = max($best, intdiv(85 * self::likeness($word, $other), 100));
            }
            $found += $best;
            $worst = min($worst, $best);
        }

        return [intdiv(3 * $found, 4 * count($asked)) + ($name === [] ? 0 : intdiv(25 * count($used), count($name))), $worst];
    }

    /** Of 100. */
    private static function likeness(string $word, string $other): int
    {
        return match (true) {
            $word === $other => 100,
            rtrim($word, 's') === rtrim($other, 's') => 95,
            strlen($word) >= 3 && str_starts_with($other, $word) => 85,
            strlen($word) >= 5 && strlen($other) >= 5 && levenshtein($word, $other) <= 1 => 75,
            strlen($word) >= 4 && strlen($other) >= 4 && str_starts_with($word, $other) => 70,
            default => 0,
        };
    }

    private static function inOurWords(string $plain): string
    {
        foreach (self::ALSO as $said => $ours) {
            $found = preg_replace('/\b'.preg_quote(self::plain($said), '/').'\b/', self::plain($ours), $plain, 1, $count);
            if ($count > 0 && ! str_contains($plain, self::plain($ours))) {
                return (string) $found;
            }
        }

        return $plain;
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($text)));
    }

    /** @return list<string> */
    private static function words(string $plain): array
    {
        return array_values(array_filter(explode(' ', $plain), static fn(string $word): bool => $word !== '' && $word !== 'ladder' && ! in_array($word, self::EMPTY_WORDS, true)));
    }
}
