<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\InvalidDoseLine;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Counting;
use EvenRungs\Method\Method;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Three ways of counting repetitions, one stored dose, one clock. */
final class CountingTest extends TestCase
{
    public function test_the_same_twenty_movements_are_written_in_three_ways(): void
    {
        $dose = DoseLine::parse('2x10/side', Sidedness::Alternating);

        self::assertSame('2x10/side', DoseLine::print($dose, Counting::EachSide));
        self::assertSame('2x10 pairs', DoseLine::print($dose, Counting::Pairs));
        self::assertSame('2x20 moves', DoseLine::print($dose, Counting::Moves));
        self::assertSame('2 × 10 each side', DoseWords::of($dose, Counting::EachSide));
        self::assertSame('2 × 10 pairs', DoseWords::of($dose, Counting::Pairs));
        self::assertSame('2 × 20 movements', DoseWords::of($dose, Counting::Moves));
    }

    #[TestWith([Counting::EachSide, '2x10'])]
    #[TestWith([Counting::Pairs, '2x10'])]
    #[TestWith([Counting::Moves, '2x20'])]
    #[TestWith([Counting::Moves, '2x19'])]
    #[TestWith([Counting::EachSide, '2x20 moves'])]
    #[TestWith([Counting::Moves, '2x10/side'])]
    #[TestWith([Counting::EachSide, '2x10 pairs'])]
    public function test_a_plain_count_follows_the_method_and_a_word_behind_it_overrides_it(Counting $counting, string $line): void
    {
        self::assertEquals(DoseLine::parse('2x10/side', Sidedness::Alternating), DoseLine::parse($line, Sidedness::Alternating, $counting));
    }

    public function test_holds_are_held_on_each_side_whatever_is_counted(): void
    {
        foreach (Counting::cases() as $counting) {
            $dose = DoseLine::parse('2x20s/side', Sidedness::OneSided, $counting);
            self::assertSame('2x20s/side', DoseLine::print($dose, $counting));
        }
    }

    public function test_one_sided_holds_need_their_side_in_every_way_of_counting(): void
    {
        $this->expectException(InvalidDoseLine::class);
        $this->expectExceptionMessage('such as 2x20s/side');
        DoseLine::parse('2x20s', Sidedness::OneSided, Counting::Moves);
    }

    public function test_pairs_on_an_exercise_of_both_sides_are_refused_where_the_word_stands(): void
    {
        try {
            DoseLine::parse('2x10 pairs', Sidedness::Both);
            self::fail('Read although both sides work at once.');
        } catch (InvalidDoseLine $problem) {
            self::assertSame(5, $problem->position);
        }
    }

    public function test_the_clock_does_not_care_how_it_was_counted(): void
    {
        $rung = ShippedLibrary::rung('press-out/standing');
        $seconds = static fn(string $line, Counting $counting): int => (new Session([new StraightSets(new \EvenRungs\Session\Item('a', $rung, DoseLine::parse($line, $rung->sidedness, $counting)))]))->timeline()->totals()->total();

        self::assertSame($seconds('2x10/side', Counting::EachSide), $seconds('2x20', Counting::Moves));
        self::assertSame($seconds('2x10/side', Counting::EachSide), $seconds('2x10', Counting::Pairs));
    }

    public function test_the_method_decides(): void
    {
        self::assertSame(Counting::EachSide, Method::default()->counting());
        self::assertSame(Counting::Moves, Method::default()->with(Answer::CountMovements)->counting());
        self::assertSame(Counting::Pairs, Method::default()->with(Answer::CountPairs)->counting());
    }

    public function test_printing_then_parsing_any_dose_is_the_identity_in_every_way_of_counting(): void
    {
        mt_srand(20261125);
        for ($round = 0; $round < 3000; $round++) {
            $rung = RandomSession::rung();
            $dose = RandomSession::dose($rung);
            $counting = Counting::cases()[$round % 3];
            $line = DoseLine::print($dose, $counting);

            self::assertEquals($dose, DoseLine::parse($line, $rung->sidedness, $counting), $line);
            self::assertEquals($dose, DoseLine::parse(DoseLine::print($dose), $rung->sidedness), $line);
        }
    }
}
