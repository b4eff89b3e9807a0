<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\InvalidDoseLine;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\Tempo;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Reason\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DoseLineTest extends TestCase
{
    use TestTrait;

    /** @return iterable<array{string, Sidedness, string}> typed, sides of the rung, printed */
    public static function lines(): iterable
    {
        yield ['3x10/side 3-1-3-1 r45', Sidedness::OneSided, '3x10/side 3-1-3-1 r45'];
        yield ['3 × 10 / side  3-1-3-1  r 45', Sidedness::OneSided, '3x10/side 3-1-3-1 r45'];
        yield ['3x(4x10s/5) r60', Sidedness::Both, '3x(4x10s/5) r60'];
        yield ['3 × (4×10s/5)', Sidedness::Both, '3x(4x10s/5)'];
        yield ['2x30s', Sidedness::Both, '2x30s'];
        yield ['30s', Sidedness::Both, '1x30s'];
        yield ['20 s/side', Sidedness::OneSided, '1x20s/side'];
        yield ['(6-5-4x10s/5) r30', Sidedness::Both, '(6-5-4x10s/5) r30'];
        yield ['(5-4x8s/2)/side', Sidedness::OneSided, '(5-4x8s/2)/side'];
        yield ['3x20m/side r60 @12.5kg', Sidedness::OneSided, '3x20m/side r60 @12.5kg'];
        yield ['2x8 @7,25 kg', Sidedness::Both, '2x8 @7.25kg'];
        yield ['max~20<=30', Sidedness::Both, '1xmax~20<=30'];
        yield ['2 x max ~ 40 s <= 60 s', Sidedness::Both, '2xmax~40s<=60s'];
        yield ['3x60s on r30', Sidedness::OneSided, '3x60s on r30'];
        yield ['1x(120s by 45s/30)', Sidedness::Both, '1x(120s by 45s/30)'];
        yield 'one side alone' => ['2 x 20 s / right', Sidedness::OneSided, '2x20s/right'];
        yield 'an extra set of one side' => ['2x20s/side + 1 left r45', Sidedness::OneSided, '2x20s/side +1 left r45'];
        yield 'an extra set of one side, and one more if clean' => ['2x10/side +1 +2 right', Sidedness::OneSided, '2x10/side +2 right +1'];
        yield 'one side of an alternating rung' => ['2x10/left', Sidedness::Alternating, '2x10/left'];
        yield 'one side by the clock' => ['3x30s on/left r30', Sidedness::OneSided, '3x30s on/left r30'];
        yield 'a plain count on an alternating rung is each side' => ['2x10', Sidedness::Alternating, '2x10/side'];
        yield 'a band by its strength' => ['2x10/side 3-1-3-1 @ Middle', Sidedness::OneSided, '2x10/side 3-1-3-1 @middle'];
        yield 'a pull as it was measured' => ['2x10/side r45 @ 80 n', Sidedness::OneSided, '2x10/side r45 @80N'];
        yield 'a tempo with its fastest part' => ['2x10 2-0-X-1', Sidedness::Both, '2x10 2-0-X-1'];
    }

    #[DataProvider('lines')]
    public function test_a_typed_line_is_read_and_printed_in_one_form(string $typed, Sidedness $sidedness, string $printed): void
    {
        $dose = DoseLine::parse($typed, $sidedness);

        self::assertSame($printed, DoseLine::print($dose));
        self::assertEquals($dose, DoseLine::parse($printed, $sidedness));
    }

    /** @return iterable<string, array{string, Sidedness, string}> */
    public static function rubbish(): iterable
    {
        yield 'nothing' => ['  ', Sidedness::Both, 'Write a dose'];
        yield 'words' => ['as many as you like', Sidedness::Both, '“as many as you like” is not a set'];
        yield 'ten thousand reps' => ['3x10000', Sidedness::Both, 'from 1 to 200, not 10000'];
        yield 'more digits than a number has' => ['3x99999999999999999999999', Sidedness::Both, 'from 1 to 200'];
        yield 'a negative count' => ['-3x10', Sidedness::Both, '“-3x10” is not a set'];
        yield 'negative reps' => ['3x-10', Sidedness::Both, '“3x-10” is not a set'];
        yield 'no sets' => ['0x10', Sidedness::Both, 'Sets can be from 1 to 20, not 0'];
        yield 'rubbish behind' => ['3x10 r45 please', Sidedness::Both, '“please” cannot be read here'];
        yield 'rest twice' => ['3x10 r45 r30', Sidedness::Both, '“r30” cannot be read here'];
        yield 'a broken tempo' => ['3x10 3-1-x1-9', Sidedness::Both, 'third part, lifting, of the tempo is “x1”'];
        yield 'a tempo on a hold' => ['3x30s 3-1-3-1', Sidedness::Both, 'A tempo belongs to repetitions'];
        yield 'a side missing' => ['3x10', Sidedness::OneSided, 'add “/side”'];
        yield 'a side too many' => ['3x10/side', Sidedness::Both, 'leave out “/side”'];
        yield 'one side of a rung that has none' => ['3x10/left', Sidedness::Both, 'leave out “/left”'];
        yield 'an extra set of a side that is none' => ['3x10 +1 right', Sidedness::Both, 'leave out “+1 right”'];
        yield 'a side by the clock that is none' => ['30s on/left', Sidedness::Both, 'leave out “/left”'];
        yield 'extra sets of a side while the other rests' => ['2x10/right +1 left', Sidedness::OneSided, 'Only the right side works here'];
        yield 'a hundred extra sets' => ['2x10/side +100 left', Sidedness::OneSided, 'Extra sets of one side can be from 0 to 5'];
        yield 'a side as a word' => ['2x10/side left', Sidedness::OneSided, 'for one side only write /left or /right'];
        yield 'falling sets that rise' => ['(4-5-6x10s/5)', Sidedness::Both, 'get shorter'];
        yield 'a cap below the estimate' => ['max~30<=20', Sidedness::Both, 'cannot be below'];
        yield 'a load and a band' => ['2x10 @12kg @light', Sidedness::Both, '“@light” cannot be read here'];
        yield 'a band without its sign' => ['2x10 light', Sidedness::Both, 'the pull of a band is written @light'];
        yield 'a pull of nothing' => ['2x10 @0N', Sidedness::Both, 'The pull in newtons can be from 5 to 600, not 0'];
        yield 'a pull that no band has' => ['2x10 @900N', Sidedness::Both, 'from 5 to 600, not 900'];
        yield 'HTML' => ['<b>3x10</b>', Sidedness::Both, 'is not a set'];
    }

    #[DataProvider('rubbish')]
    public function test_what_cannot_be_read_is_refused_with_a_sentence(string $typed, Sidedness $sidedness, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);

        DoseLine::parse($typed, $sidedness);
    }

    public function test_the_place_where_reading_stopped_is_told_in_characters(): void
    {
        try {
            DoseLine::parse('3 × 10 r45 soon', Sidedness::Both);
            self::fail('The line should have been refused.');
        } catch (InvalidDoseLine $wrong) {
            self::assertSame(11, $wrong->position);
        }
    }

    #[DataProvider('oneSets')]
    public function test_one_set_is_printed_without_how_often_it_is_done(string $line, string $oneSet): void
    {
        self::assertSame($oneSet, DoseLine::printOneSet(DoseLine::parse($line, Sidedness::OneSided)));
    }

    /** @return list<array{string, string}> */
    public static function oneSets(): array
    {
        return [
            ['3x(4x10s/5)/side', '4x10s/5/side'],
            ['2x10/side +1 left 3-1-3-1', '10/side 3-1-3-1'],
            ['3x8/left @12.5kg', '8/left @12.5kg'],
            ['(6-5-4x10s/5)/side r30', '6-5-4x10s/5/side r30'],
        ];
    }

    public function test_printing_and_parsing_any_dose_gives_it_back(): void
    {
        $this->limitTo(400)->forAll(
            Generators::choose(1, 20),
            Generators::choose(0, 6),
            Generators::choose(1, 60),
            Generators::choose(1, 120),
            Generators::choose(0, 2),
            Generators::choose(-1, 600),
            Generators::choose(-1, 5000),
        )->then(static function (int $sets, int $kind, int $small, int $large, int $side, int $rest, int $load): void {
            $sidedness = Sidedness::cases()[$side];
            $body = match ($kind) {
                0, 1 => Reps::of($large),
                2 => Holds::of($small, $large, $small),
                3 => Carry::of($large),
                4 => Timed::of($large + 10),
                5 => AccumulatedHold::of($large + $small, $small, $small),
                default => Open::of($small, $large > $small ? $large : null, $large % 2 === 0 ? Unit::Reps : Unit::Seconds),
            };
            $perSide = $sidedness->countsEachSide() && ! $body instanceof Timed;
            $tempo = $kind === 1 ? Tempo::parse("{$small}-0-X-1") : null;
            $dose = Dose::of($sets, $body, $perSide, $tempo, $rest < 0 ? null : $rest, $load < 1 ? null : $load * 100);

            self::assertEquals($dose, DoseLine::parse(DoseLine::print($dose), $sidedness));
        });
    }

    public function test_printing_and_parsing_falling_sets_gives_them_back(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(2, 9), Generators::choose(1, 60), Generators::choose(0, 60))
            ->then(static function (int $from, int $seconds, int $gap): void {
                $dose = Dose::falling(range($from, 1), $seconds, $gap);

                self::assertEquals($dose, DoseLine::parse(DoseLine::print($dose), Sidedness::Both));
            });
    }
}
