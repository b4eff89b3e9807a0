<?php

declare(strict_types=1);

namespace EvenRungs\Log;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\NameIndex;
use EvenRungs\Ladder\Names;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;

/**
 * A training told afterwards in a line, such as `plank 60 60 55 e7 p0 · side 20/18 clean`: names, what was done set by set,
 * effort, pain and whether it was clean, in any order. Exercises are parted by `·`, `;` or a new line, or by their names.
 * Where a name is unclear it takes the next exercise nothing was told of yet, and says what else it may mean.
 */
final class LogLine
{
    private const MOST = 2000;

    /** @var array<string, array{sets: list<LineSet>, effort: int|null, pain: int|null, clean: bool|null, asked: string, choices: list<string>}> by item */
    private array $told = [];

    /** @var list<string> sentences about what means nothing here */
    public array $unread = [];

    public ?int $minutes = null;

    /** 0 for today, 1 for yesterday; null where the line does not say. */
    public ?int $daysAgo = null;

    private readonly NameIndex $names;

    private function __construct(private readonly Session $session, Names $names)
    {
        $rungs = [];
        foreach ($session->items() as $item) {
            $rungs[$item->rung->slug] = $item->rung;
        }
        $this->names = new NameIndex(array_map(static fn(Rung $rung): Ladder => new Ladder($rung->slug, $rung->name, $rung->shortName, $rung->demand, [$rung]), array_values($rungs)), $names);
    }

    public static function read(string $line, Session $session, Names $names): self
    {
        $read = new self($session, $names);
        $general = [];
        foreach (preg_split('/[·;|\n]+/u', mb_strtolower($line)) ?: [] as $part) {
            foreach (self::runs(self::tokens($part)) as [$name, $values]) {
                if ($name === '' && array_filter($values, static fn(array $value): bool => $value[0] === 'done') === []) {
                    array_push($general, ...$values);
                    continue;
                }
                $read->take($name, $values);
            }
        }
        $read->takeOfAll($general);

        return $read;
    }

    /** @return list<LineExercise> in the order of the session */
    public function exercises(): array
    {
        $exercises = [];
        foreach ($this->session->items() as $item) {
            $told = $this->told[$item->id] ?? null;
            if ($told !== null) {
                $exercises[] = new LineExercise($item->id, $told['sets'], $told['effort'], $told['pain'], $told['clean'], $told['asked'], $told['choices']);
            }
        }

        return $exercises;
    }

    /**
     * The values of a part by the name they belong to: to the one name it has, before or after; where it has several, each
     * begins anew.
     *
     * @param list<array{string, string}> $tokens
     *
     * @return list<array{string, list<array{string, string}>}>
     */
    private static function runs(array $tokens): array
    {
        $runs = [];
        $wasWord = false;
        foreach ($tokens as $token) {
            $isWord = $token[0] === 'word';
            if ($isWord && ! $wasWord) {
                $runs[] = ['', []];
            }
            $at = max(0, count($runs) - 1);
            $runs[$at] ??= ['', []];
            if ($isWord) {
                $runs[$at][0] = trim("{$runs[$at][0]} {$token[1]}");
            } else {
                $runs[$at][1][] = $token;
            }
            $wasWord = $isWord;
        }
        // What stands before the only name is its own.
        if (count($runs) === 2 && $runs[0][0] === '' && $runs[1][0] !== '') {
            return [[$runs[1][0], [...$runs[0][1], ...$runs[1][1]]]];
        }

        return array_values($runs);
    }

    /** @return list<array{string, string}> kind and value */
    private static function tokens(string $part): array
    {
        // A word and its number may stand apart: “effort 7”, “14 min”.
        $part = (string) preg_replace(['/\b(effort|pain|e|p)[\s:=]+(\d+)\b/u', '/\b(\d+)\s+(minutes|minute|min)\b/u', '/(\d)\s*\/\s*(\d)/'], ['$1$2', '$1$2', '$1/$2'], $part);
        $tokens = [];
        foreach (preg_split('/[\s,]+/u', trim($part), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $text) {
            $tokens[] = match (true) {
                preg_match('/^(?:effort|e)(\d{1,4})$/', $text, $found) === 1 => ['effort', $found[1]],
                preg_match('/^(?:pain|p)(\d{1,4})$/', $text, $found) === 1 => ['pain', $found[1]],
                preg_match('/^(\d{1,4})(?:minutes|minute|min)$/', $text, $found) === 1 => ['minutes', $found[1]],
                preg_match('/^\d{1,4}(?:s|sec|m)?$/', $text) === 1, preg_match('/^(?:\d{1,2}x)?\d{1,4}\/\d{1,4}$/', $text) === 1, preg_match('/^\d{1,2}x\d{1,4}(?:s|m)?$/', $text) === 1 => ['done', $text],
                $text === 'clean' => ['clean', $text],
                in_array($text, ['yesterday', 'today'], true) => ['day', $text],
                default => ['word', $text],
            };
        }

        return $tokens;
    }

    /** @param list<array{string, string}> $values of one exercise */
    private function take(string $name, array $values): void
    {
        $isSided = array_filter($values, static fn(array $value): bool => str_contains($value[1], '/')) !== [];
        [$item, $choices] = $this->meant($name, $isSided);
        if ($item === null) {
            $this->unread[] = $name === '' ? 'There is no exercise left for what stands without a name.' : "“{$name}” is no exercise of this session.";

            return;
        }
        $this->told[$item->id] ??= ['sets' => [], 'effort' => null, 'pain' => null, 'clean' => null, 'asked' => $name, 'choices' => $choices];
        foreach ($values as [$kind, $text]) {
            if ($kind === 'done') {
                $this->done($item, $text);
            } else {
                $this->say($item->id, $kind, $text);
            }
        }
    }

    /** @param list<array{string, string}> $values that stand without a name: of the day, or of every exercise that says nothing else */
    private function takeOfAll(array $values): void
    {
        foreach ($values as [$kind, $text]) {
            if (in_array($kind, ['day', 'minutes'], true)) {
                $this->say('', $kind, $text);
                continue;
            }
            foreach ($this->told as $item => $told) {
                if ($told[$kind === 'effort' ? 'effort' : ($kind === 'pain' ? 'pain' : 'clean')] === null) {
                    $this->say($item, $kind, $text);
                }
            }
        }
    }

    private function say(string $item, string $kind, string $text): void
    {
        $number = (int) $text;
        if (in_array($kind, ['effort', 'pain'], true) && $number > 10) {
            $this->unread[] = "{$kind} goes from 0 to 10, not to {$text}.";

            return;
        }
        match ($kind) {
            'effort' => $this->told[$item]['effort'] = $number,
            'pain' => $this->told[$item]['pain'] = $number,
            'clean' => $this->told[$item]['clean'] = true,
            'minutes' => $this->minutes = $number > 0 && $number <= 1440 ? $number : $this->minutes,
            default => $this->daysAgo = $text === 'yesterday' ? 1 : 0,
        };
    }

    /** One set, or several alike: `60`, `20/18`, `3x10`. */
    private function done(Item $item, string $text): void
    {
        preg_match('/^(?:(\d{1,2})x)?(\d{1,4})(?:s|sec|m)?(?:\/(\d{1,4}))?$/', $text, $found);
        [$one, $other] = [(int) ($found[2] ?? 0), isset($found[3]) ? (int) $found[3] : null];
        for ($set = 0; $set < max(1, (int) ($found[1] ?? 1)); $set++) {
            $number = count($this->told[$item->id]['sets']) + 1;
            $most = $item->dose->allSets() + $item->dose->optionalSets;
            if ($number > $most || max($one, $other) > self::MOST) {
                $this->unread[] = $number > $most ? "“{$text}” is one set more than “{$item->rung->name}” has." : "“{$text}” is more than anybody does.";

                return;
            }
            $works = $number > $item->dose->allSets() ? $item->dose->only : $item->dose->sideOf($number);
            if ($other !== null && ($works !== null || ! $item->dose->perSide)) {
                $this->unread[] = "In “{$item->rung->name}” the sides are not told apart: “{$text}”.";

                return;
            }
            $this->told[$item->id]['sets'][] = new LineSet(
                $item->dose->perSide ? null : $one,
                $item->dose->perSide && $works !== Side::Right ? $one : null,
                $item->dose->perSide && $works !== Side::Left ? $other ?? $one : null,
            );
        }
    }

    /**
     * @param bool $isSided left and right are told apart
     *
     * @return array{Item|null, list<string>} the exercise meant, and which else it may be
     */
    private function meant(string $name, bool $isSided): array
    {
        $items = $this->session->items();
        $match = $name === '' ? null : $this->names->find($name);
        $rungs = array_map(static fn(Rung $rung): string => $rung->slug, $match->choices ?? []);
        $meant = array_values(array_filter($items, static fn(Item $item): bool => in_array($item->rung->slug, $rungs, true)));
        $fitting = array_values(array_filter($items, static fn(Item $one): bool => $one->dose->perSide === $isSided || ! $isSided));
        $item = $this->firstFree($meant) ?? $meant[0] ?? $this->firstFree($fitting) ?? $this->firstFree($items);
        $isClear = count($meant) === 1;

        return [$item, $isClear || $item === null ? [] : array_values(array_diff(array_map(static fn(Item $one): string => $one->id, $items), [$item->id]))];
    }

    /** @param list<Item> $items */
    private function firstFree(array $items): ?Item
    {
        foreach ($items as $item) {
            if (! isset($this->told[$item->id])) {
                return $item;
            }
        }

        return null;
    }
}
