<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Level;
use EvenRungs\Body\Load;
use EvenRungs\Body\Loads;
use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Choices;
use EvenRungs\Method\HoldStrategy;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Progress\Felt;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;
use EvenRungs\Session\Totals;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the trade calls things, and the small values everything else is built from. */
final class WordsTest extends TestCase
{
    public function test_several_are_told_in_one_way(): void
    {
        self::assertSame(['a', 'a and b', 'a, b and c'], [Words::all(['a']), Words::all(['a', 'b']), Words::all(['a', 'b', 'c'])]);
        self::assertSame('in the back of the thigh', Felt::BackOfThigh->inWords());
        self::assertSame(['0 days', '1 day', '2 days'], [Words::counted(0, 'day'), Words::counted(1, 'day'), Words::counted(2, 'day')]);
        self::assertSame(['set 2', 'sets 1 and 2'], [Words::sets([2]), Words::sets([1, 2])]);
    }

    /** @return iterable<array{string, Sidedness, string}> */
    public static function doses(): iterable
    {
        yield ['3x10/side', Sidedness::OneSided, '3 × 10 each side'];
        yield ['3x(4x10s/5)', Sidedness::Both, '3 × (4 holds of 10 s, 5 s between)'];
        yield ['2x30s', Sidedness::Both, '2 × 30 s'];
        yield ['(6-5-4x10s/5)', Sidedness::Both, '6, then 5, then 4 holds of 10 s, 5 s between'];
        yield ['1x(120s by 45s/30)', Sidedness::Both, '1 × 120 s in bouts of 45 s, 30 s between'];
        yield ['2x20m/side @12.5kg', Sidedness::OneSided, '2 × 20 m each side, 12.5 kg'];
        yield ['3x60s on', Sidedness::OneSided, '3 × 60 s of work'];
        yield ['max~20<=30', Sidedness::Both, '1 × as many as clean, about 20, at most 30'];
    }

    #[DataProvider('doses')]
    public function test_a_dose_is_said_in_plain_words(string $line, Sidedness $sidedness, string $words): void
    {
        self::assertSame($words, DoseWords::of(DoseLine::parse($line, $sidedness)));
    }

    public function test_in_a_circuit_the_rounds_are_the_sets(): void
    {
        $words = static fn(string $line, int $rounds): string => DoseWords::eachRound(DoseLine::parse($line, Sidedness::OneSided), $rounds);

        self::assertSame('60 s of work', $words('2x60s on', 2));
        self::assertSame('10 each side', $words('3x10/side', 3));
        self::assertSame('10 each side, in the first 2 rounds', $words('2x10/side', 3));
        self::assertSame('15 s each side, in the first round only', $words('1x15s/side', 2));
        self::assertSame('6, then 5, then 4 holds of 10 s, 5 s between, one a round', DoseWords::eachRound(DoseLine::parse('(6-5-4x10s/5)', Sidedness::Both), 3));
    }

    /** @return iterable<array{int, string, Level}> */
    public static function heights(): iterable
    {
        yield [10, '1.0', Level::Foundation];
        yield [29, '2.9', Level::Foundation];
        yield [30, '3.0', Level::Beginner];
        yield [50, '5.0', Level::Intermediate];
        yield [70, '7.0', Level::Advanced];
        yield [89, '8.9', Level::Advanced];
        yield [90, '9.0', Level::Performance];
        yield [100, '10.0', Level::Performance];
    }

    #[DataProvider('heights')]
    public function test_a_height_has_one_decimal_and_a_level(int $tenths, string $label, Level $level): void
    {
        self::assertSame($label, Height::ofTenths($tenths)->label());
        self::assertSame($level, Height::ofTenths($tenths)->level());
    }

    public function test_load_tags_stay_inside_their_range(): void
    {
        self::assertSame(2, Loads::of(['wrist' => 2])->value(Load::Wrist));
        self::assertSame(0, Loads::of([])->value(Load::Wrist));
        $this->expectExceptionMessage('goes from 0 to 1, not 2');
        Loads::of(['kneeling' => 2]);
    }

    public function test_days_are_counted_over_the_end_of_months_and_years(): void
    {
        self::assertSame(28, Day::parse('2026-12-20')->daysUntil(Day::parse('2027-01-17')));
        self::assertSame(-1, Day::parse('2026-03-01')->daysUntil(Day::parse('2026-02-28')));
        self::assertSame('2028-02-29', Day::parse('2028-02-28')->plusDays(1)->iso());
        self::assertSame('Thursday 26 November', Day::parse('2026-11-26')->inWords());
        $this->expectExceptionMessage('not a date written like');
        Day::parse('2026-02-30');
    }

    /** @return iterable<array{Answer, int, int}> answer, clean sessions, days */
    public static function leaving(): iterable
    {
        yield [Answer::TwoCleanAndAWeek, 2, 7];
        yield [Answer::AsSoonAsClean, 1, 0];
        yield [Answer::OneToTwoWeeks, 1, 10];
    }

    #[DataProvider('leaving')]
    public function test_the_method_says_what_leaving_a_rung_asks_for(Answer $answer, int $sessions, int $days): void
    {
        $method = Method::default()->with($answer);

        self::assertSame([$sessions, $days], [$method->cleanSessionsToClimb(), $method->daysOnRungToClimb()]);
    }

    public function test_each_question_of_method_has_choices_and_the_first_is_the_default(): void
    {
        foreach (Question::cases() as $question) {
            self::assertGreaterThan(1, count($question->answers()));
            self::assertSame($question->answers()[0], Method::default()->answer($question));
        }
        self::assertSame(HoldStrategy::ShortRepeated, Method::default()->holdStrategy());
        $this->expectExceptionMessage('is not a choice for order');
        Choices::of(Question::Order, ['order/loudest-first']);
    }

    public function test_each_rule_says_what_it_rests_on(): void
    {
        foreach (Rule::cases() as $rule) {
            self::assertNotSame('', $rule->source(), $rule->value);
        }
        self::assertStringContainsString('not validated for backs', Rule::PainHigh->source());
    }

    public function test_the_short_names_of_the_demands(): void
    {
        self::assertSame(['front', 'lateral', 'posterior', 'rotation', 'hip', 'shoulder girdle'], array_map(static fn(Demand $demand): string => $demand->shortName(), Demand::withShare()));
    }

    public function test_the_clock_is_written_in_minutes_and_seconds(): void
    {
        self::assertSame(['0:00', '0:05', '1:00', '17:30', '61:01'], array_map(Totals::clock(...), [0, 5, 60, 1050, 3661]));
    }
}
