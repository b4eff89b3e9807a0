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
    /** Below this the words say too little. */
    private const LEAST = 55;

    /** So far ahead of the next one, the best is taken without asking. */
    private const AHEAD = 6;

    private const ENOUGH = 65;

    /** Every word stands in the name, at least by its beginning. */
    private const ALL_THERE = 70;

    /** So much of the name, in per cent, has to be asked for: “leg curl” is not taken for a ball leg curl. */
    private const WHOLE = 70;

    private const CHOICES = 6;

    /** @var list<array{Rung, string, list<string>, list<string>}> rung, plain name, its words, words around it */
    private array $rungs = [];

    /** @var array<string, string> plain name of each ladder, by slug */
    private array $ladders = [];

    /** @var array<string, Rung> */
    private array $bySlug = [];

    /** @param list<Ladder> $ladders */
    public function __construct(array $ladders, private readonly Names $names)
    {
        foreach ($ladders as $ladder) {
            $this->ladders[$ladder->slug] = implode(' ', Names::words(Names::plain($ladder->name)));
            foreach ($ladder->rungs as $rung) {
                $this->bySlug[$rung->slug] = $rung;
                $name = Names::plain($rung->name);
                $this->rungs[] = [$rung, $name, Names::words($name), [...Names::words(Names::plain($ladder->name)), ...Names::words(Names::plain($rung->shortName))]];
            }
        }
    }

    /** @param array<string, Rung> $working working rung by ladder of the person written for */
    public function find(string $words, array $working = []): NameMatch
    {
        $plain = Names::plain($words);
        foreach ($this->rungs as [$rung, $name]) {
            if ($name === $plain) {
                return NameMatch::sure($rung);
            }
        }
        $meant = $this->meant($words, $working);
        if ($meant !== null) {
            return $meant;
        }
        $asked = Names::words($this->names->inOurWords($plain));
        if ($asked === []) {
            return NameMatch::unsure([]);
        }
        $ladder = array_search(implode(' ', $asked), $this->ladders, true);
        if ($ladder !== false) {
            return isset($working[$ladder]) ? NameMatch::sure($working[$ladder]) : NameMatch::unsure($this->on((string) $ladder));
        }
        $ranked = [];
        foreach ($this->rungs as [$rung, , $name, $around]) {
            [$score, $worst, $covered] = self::score($asked, $name, $around);
            if ($score < self::LEAST) {
                continue;
            }
            $works = isset($working[$rung->ladder]) && $working[$rung->ladder]->slug === $rung->slug;
            if ($works && $worst >= self::ALL_THERE) {
                $score += 2 * self::AHEAD;
                $covered = count($asked) > 1 ? 100 : $covered;
            }
            $ranked[] = [$score - (int) $rung->branch, $rung, $covered];
        }
        usort($ranked, static fn(array $a, array $b): int => [$b[0], $a[1]->height->tenths, $a[1]->slug] <=> [$a[0], $b[1]->height->tenths, $b[1]->slug]);
        $isSure = $ranked !== [] && $ranked[0][0] >= self::ENOUGH && $ranked[0][2] >= self::WHOLE && (! isset($ranked[1]) || $ranked[0][0] - $ranked[1][0] >= self::AHEAD);

        return $isSure ? NameMatch::sure($ranked[0][1]) : NameMatch::unsure(array_map(static fn(array $entry): Rung => $entry[1], array_slice($ranked, 0, self::CHOICES)));
    }

    /**
     * What the trade means by a name: one rung, or several to choose from; of these the one the person works on.
     *
     * @param array<string, Rung> $working
     */
    private function meant(string $name, array $working): ?NameMatch
    {
        $slugs = $this->names->meant($name);
        $meant = array_values(array_filter(array_map(fn(string $slug): ?Rung => $this->bySlug[$slug] ?? null, $slugs)));
        if ($meant === []) {
            return null;
        }
        $worked = array_values(array_filter($meant, static fn(Rung $rung): bool => ($working[$rung->ladder] ?? null)?->slug === $rung->slug));

        return match (true) {
            count($meant) === 1 && count($slugs) === 1 => NameMatch::sure($meant[0]),
            count($worked) === 1 => NameMatch::sure($worked[0]),
            default => NameMatch::unsure($meant),
        };
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
     * @return array{int, int, int} score, how well the word fits that fits least, and how much of the name was asked for
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

        $covered = $name === [] ? 0 : intdiv(100 * count($used), count($name));

        return [intdiv(3 * $found, 4 * count($asked)) + intdiv($covered, 4), $worst, $covered];
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
}
