<?php

declare(strict_types=1);

namespace App\Library;

use EvenRungs\Ladder\Library;
use EvenRungs\Method\Answer;
use EvenRungs\Screening\State;
use Symfony\Component\Yaml\Yaml;

/**
 * The book of cases in words a trainer reads: what was logged, and what the rules make of it. The same files are run as
 * tests, so what stands here holds.
 */
final readonly class CaseBook
{
    public function __construct(private string $folder) {}

    /** @return list<array{title: string, about: string, cases: list<WrittenCase>}> chapters in order */
    public function chapters(Library $library): array
    {
        $chapters = [];
        foreach (glob("{$this->folder}/*.yaml") ?: [] as $file) {
            /** @var array{title: string, about: string, cases: list<array<string, mixed>>} $book */
            $book = (array) Yaml::parseFile($file);
            $chapters[] = ['title' => $book['title'], 'about' => $book['about'], 'cases' => array_map(static fn(array $case): WrittenCase => self::written($case, $library), $book['cases'])];
        }

        return $chapters;
    }

    /** @return array<string, list<WrittenCase>> by rule */
    public function byRule(Library $library): array
    {
        $byRule = [];
        foreach ($this->chapters($library) as $chapter) {
            foreach ($chapter['cases'] as $case) {
                foreach ($case->rules as $rule) {
                    $byRule[$rule][] = $case;
                }
            }
        }

        return $byRule;
    }

    /** @param array<string, mixed> $case */
    private static function written(array $case, Library $library): WrittenCase
    {
        /** @var array{name: string, source?: string, rules: list<string>, rung: string, left?: string, right?: string, mark?: int, method?: list<string>, person?: array{born?: int, weights?: list<int>, limits?: list<array{state: string, side?: string}>}, holds?: list<array{kind: string, side?: string, seconds: int}>, log?: list<array<string, mixed>>, today?: int, expect: array{proposal?: string, next?: string, says?: list<string>, next_says?: list<string>}} $case */
        $given = [$library->rung($case['rung'])->name];
        if (isset($case['mark'])) {
            $given[] = "the trainer's own mark: {$case['mark']}";
        }
        if (isset($case['right'])) {
            $given[] = 'the left; the right on “'.$library->rung($case['right'])->name.'”';
        }
        if (isset($case['left'])) {
            $given[] = 'after “'.$library->rung($case['left'])->name.'”';
        }
        foreach ($case['method'] ?? [] as $answer) {
            $given[] = 'method: '.Answer::from($answer)->label();
        }
        if (isset($case['person']['born'])) {
            $given[] = "born in {$case['person']['born']}, in 2026";
        }
        if (isset($case['person']['weights'])) {
            $given[] = 'weights of '.implode(', ', array_map(static fn(int $grams): string => ($grams / 1000).' kg', $case['person']['weights']));
        }
        foreach ($case['person']['limits'] ?? [] as $limit) {
            $given[] = State::from($limit['state'])->label().(isset($limit['side']) ? ", {$limit['side']}" : '');
        }
        foreach ($case['holds'] ?? [] as $hold) {
            $given[] = 'tested: '.str_replace('-', ' ', $hold['kind']).(isset($hold['side']) ? ", {$hold['side']}" : '').", {$hold['seconds']} s";
        }
        $log = array_map(self::session(...), $case['log'] ?? []);
        if (isset($case['today'])) {
            $log[] = "today is day {$case['today']}";
        }
        $outcome = [];
        if (isset($case['expect']['proposal'])) {
            $outcome[] = str_replace('-', ' ', $case['expect']['proposal']);
        }
        foreach ([...$case['expect']['says'] ?? [], ...$case['expect']['next_says'] ?? []] as $words) {
            $outcome[] = "“{$words}”";
        }
        if (isset($case['expect']['next'])) {
            $outcome[] = "next {$case['expect']['next']}";
        }

        return new WrittenCase($case['name'], $case['source'] ?? '', $case['rules'], implode('; ', $given), $log, implode('; ', $outcome));
    }

    /** @param array<string, mixed> $row */
    private static function session(array $row): string
    {
        /** @var array{day: int, dose: string, done?: list<int|list<int|null>>, fault?: list<int>, effort?: int, pain?: int, pain_at?: string, before?: list<array{place: string, side?: string, pain: int}>, felt?: string, morning?: array{pain: int, worse: bool}, decided?: string} $row */
        $told = array_filter([
            isset($row['done']) ? 'done '.implode(', ', array_map(static fn(int|array $done): string => is_array($done) ? implode('/', array_map(static fn(?int $side): string => $side === null ? '–' : (string) $side, $done)) : (string) $done, $row['done'])) : '',
            isset($row['fault']) ? 'a fault in set '.implode(' and ', $row['fault']) : '',
            isset($row['effort']) ? "effort {$row['effort']}" : '',
            isset($row['before']) ? 'before the first set '.implode(' and ', array_map(static fn(array $pain): string => 'pain '.$pain['pain'].' in the '.(isset($pain['side']) ? "{$pain['side']} " : '').str_replace('-', ' ', $pain['place']), $row['before'])) : '',
            isset($row['pain']) ? "pain {$row['pain']}".(isset($row['pain_at']) ? ' in the '.str_replace('-', ' ', $row['pain_at']) : '') : '',
            isset($row['felt']) ? ($row['felt'] === 'not-asked' ? 'nobody asked where it was felt' : 'felt in the '.str_replace('-', ' ', $row['felt'])) : '',
            isset($row['morning']) ? "next morning pain {$row['morning']['pain']}".($row['morning']['worse'] ? ', worse' : '') : '',
            isset($row['decided']) ? "the trainer decides: {$row['decided']}" : '',
        ]);

        return "day {$row['day']}: {$row['dose']}, ".($told === [] ? 'clean at effort 6' : implode(', ', $told));
    }
}
