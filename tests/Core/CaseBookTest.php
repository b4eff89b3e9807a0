<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Person\Decided;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/**
 * The book of cases that a trainer can read (library/cases): a person, a method and what was logged, and what the rules
 * make of it. What is expected comes from the written rules, never from running the code.
 *
 * @phpstan-type LogRow array{day: int, dose: string, done?: list<int|list<int|null>>, fault?: list<int>, effort?: int, pain?: int, pain_at?: string, before?: list<array{place: string, side?: string, pain: int}>, felt?: string, morning?: array{pain: int, worse: bool}, decided?: string}
 * @phpstan-type CaseRow array{name: string, rules: list<string>, rung: string, method?: list<string>, person?: array{born?: int, weights?: list<int>, limits?: list<array{state: string, side?: string}>}, holds?: list<array{kind: string, side?: string, seconds: int}>, left?: string, right?: string, mark?: int, log?: list<LogRow>, today?: int, expect: array{proposal?: string, next?: string, says?: list<string>, says_not?: list<string>, next_says?: list<string>}}
 */
final class CaseBookTest extends TestCase
{
    /** @return iterable<string, array{CaseRow}> */
    public static function cases(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/library/cases/*.yaml') ?: [] as $file) {
            /** @var array{title: string, cases: list<CaseRow>} $book */
            $book = Yaml::parseFile($file);
            foreach ($book['cases'] as $case) {
                yield "{$book['title']}: {$case['name']}" => [$case];
            }
        }
    }

    /** @param CaseRow $case */
    #[DataProvider('cases')]
    public function test_the_rules_make_of_it_what_the_book_says(array $case): void
    {
        $record = $this->record($case);
        $expected = $case['expect'];
        $said = [];
        if (isset($expected['proposal'])) {
            $decidedLast = isset($case['log']) && isset($case['log'][count($case['log']) - 1]['decided']);
            $here = $record->positions()[0];
            $proposal = $record->judgement()->proposal($here);
            self::assertSame(Decision::from($expected['proposal']), $proposal->choice, implode(' ', array_map(static fn(Reason $reason): string => $reason->sentence, $proposal->reasons)));
            self::assertSame(! $decidedLast && isset($case['log']), $record->judgement()->pending() !== []);
            $said = array_map(static fn(Reason $reason): string => $reason->sentence, $proposal->reasons);
        }
        foreach ($expected['says'] ?? [] as $words) {
            self::assertStringContainsString($words, implode(' ', $said));
        }
        foreach ($expected['says_not'] ?? [] as $words) {
            self::assertStringNotContainsString($words, implode(' ', $said));
        }
        if (isset($expected['next'])) {
            $next = $record->doses()->next()[$case['rung']];
            self::assertSame($expected['next'], DoseLine::print($next->dose), $next->reason->sentence);
            foreach ($expected['next_says'] ?? [] as $words) {
                self::assertStringContainsString($words, $next->reason->sentence);
            }
        }
        foreach ($case['rules'] as $rule) {
            self::assertNotNull(Rule::tryFrom($rule), "There is no rule “{$rule}”.");
        }
    }

    public function test_the_book_has_at_least_eighty_cases_and_no_name_twice(): void
    {
        $names = array_keys([...self::cases()]);

        self::assertGreaterThanOrEqual(80, count($names));
        self::assertSame($names, array_values(array_unique($names)));
    }

    /** @param CaseRow $case */
    private function record(array $case): PersonRecord
    {
        $library = ShippedLibrary::get()->withMarks(isset($case['mark']) ? [$case['rung'] => $case['mark']] : []);
        $rung = ShippedLibrary::rung($case['rung']);
        $begin = Day::parse('2026-06-01');
        $method = Method::default();
        foreach ($case['method'] ?? [] as $answer) {
            $method = $method->with(Answer::from($answer));
        }
        $logs = $decisions = [];
        $days = [0];
        foreach ($case['log'] ?? [] as $index => $row) {
            $days[] = $row['day'];
            $sequence = 10 * ($index + 1);
            $logs[] = $this->logged("log-{$index}", $case['rung'], $row, $begin->plusDays($row['day']), $sequence);
            if (isset($row['decided'])) {
                $decisions[] = new Decided($rung->ladder, Side::Both, $rung->slug, Decision::from($row['decided']), "log-{$index}", $sequence + 5);
            }
        }
        $holds = [];
        foreach ($case['holds'] ?? [] as $index => $hold) {
            $holds[] = Hold::of(HoldKind::from($hold['kind']), Side::from($hold['side'] ?? 'both'), $hold['seconds'], HoldEnd::cases()[0], $begin, -10 + $index);
        }

        return new PersonRecord(
            $library,
            $method,
            $begin->plusDays($case['today'] ?? max($days)),
            new Profile(aim: Aim::cases()[0], shares: null, birthYear: $case['person']['born'] ?? null, sex: null, trainingDays: [1, 3, 5], minutes: 30, kit: Kit::cases(), weights: $case['person']['weights'] ?? null, other: []),
            new Safety(array_map(static fn(array $limit): NotedLimit => new NotedLimit(State::from($limit['state']), Side::from($limit['side'] ?? 'both'), $begin, false), $case['person']['limits'] ?? []), [], [], $begin),
            History::of([...(isset($case['left']) ? [new Placing('left', $rung->ladder, Side::Both, $case['left'], false, -1, $begin)] : []), new Placing('placed', $rung->ladder, isset($case['right']) ? Side::Left : Side::Both, $rung->slug, false, 0, $begin), ...(isset($case['right']) ? [new Placing('right', $rung->ladder, Side::Right, $case['right'], false, 0, $begin)] : [])], $decisions, $logs, $holds, [], null),
        );
    }

    /** @param LogRow $row */
    private function logged(string $id, string $slug, array $row, Day $on, int $sequence): LoggedSession
    {
        $rung = ShippedLibrary::rung($slug);
        $dose = DoseLine::parse($row['dose'], $rung->sidedness);
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $sets = [];
        for ($set = 1; $set <= $dose->allSets(); $set++) {
            $target = $dose->body($set)->target();
            $done = ($row['done'] ?? [])[$set - 1] ?? match (true) {
                ! $dose->perSide => $target,
                default => [$dose->sideOf($set) === Side::Right ? null : $target, $dose->sideOf($set) === Side::Left ? null : $target],
            };
            [$both, $left, $right] = is_array($done) ? [null, $done[0], $done[1]] : [$done, null, null];
            $felt = $row['felt'] ?? 'right';
            $sets[] = new LoggedSet('item', $slug, $row['dose'], $both, $left, $right, in_array($set, $row['fault'] ?? [], true) ? [...$ticks, FormQuestion::BackAndPelvis->value => false] : $ticks, $row['pain'] ?? 0, $row['effort'] ?? 6, false, $felt === 'not-asked' ? null : Felt::from($felt), null, $set, isset($row['pain_at']) ? PainPlace::from($row['pain_at']) : null);
        }

        return new LoggedSession($id, 'session', $on, $sequence, 600, $sets, isset($row['morning']) ? [new MorningAnswer($rung->ladder, new Morning($row['morning']['pain'], $row['morning']['worse']), $sequence + 1)] : [], array_map(static fn(array $pain): StartPain => new StartPain(PainPlace::from($pain['place']), Side::tryFrom($pain['side'] ?? ''), $pain['pain']), $row['before'] ?? []));
    }
}
