<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Dose\InvalidTempo;
use EvenRungs\Dose\Tempo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TempoTest extends TestCase
{
    /** @return iterable<string, array{string, int, string}> */
    public static function tempos(): iterable
    {
        yield 'four parts add up' => ['3-1-3-1', 8, '3-1-3-1'];
        yield 'as fast as controlled counts one second' => ['2-0-X-1', 4, '2-0-X-1'];
        yield 'a small x is the same' => ['x-0-x-0', 2, 'X-0-X-0'];
        yield 'a hold lives in the pause' => ['2-0-2-10', 14, '2-0-2-10'];
        yield 'spaces do no harm' => [' 3 - 1 - 3 - 1 ', 8, '3-1-3-1'];
    }

    #[DataProvider('tempos')]
    public function test_a_tempo_takes_its_seconds_and_prints_as_typed(string $text, int $seconds, string $printed): void
    {
        $tempo = Tempo::parse($text);

        self::assertSame($seconds, $tempo->repSeconds());
        self::assertSame($printed, $tempo->print());
    }

    /** @return iterable<string, array{string, string}> */
    public static function wrong(): iterable
    {
        yield 'the third part is named' => ['3-1-x1-9', 'third part, lifting, of the tempo is “x1”'];
        yield 'more than a minute' => ['61-0-0-0', 'first part, lowering, of the tempo is “61”'];
        yield 'a part is empty' => ['3--3-1', 'second part'];
        yield 'three parts' => ['3-1-3', 'has four parts'];
        yield 'five parts' => ['3-1-3-1-0', 'has four parts'];
        yield 'no time at all' => ['0-0-0-0', 'only zeros'];
    }

    #[DataProvider('wrong')]
    public function test_a_wrong_tempo_says_which_part(string $text, string $says): void
    {
        $this->expectException(InvalidTempo::class);
        $this->expectExceptionMessage($says);

        Tempo::parse($text);
    }
}
