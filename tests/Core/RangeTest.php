<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\InvalidDose;
use EvenRungs\Dose\Range;
use EvenRungs\Ladder\RungRange;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Session\InvalidSession;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A smaller range first: the dose carries it, and the height of the rung moves with it. */
final class RangeTest extends TestCase
{
    private const WHEEL = 'rollout/wheel-30';

    #[TestWith(['2x10 30cm', '2x10 30cm', '2 × 10, 30 cm'])]
    #[TestWith(['2 x 10 r60 45 cm', '2x10 45cm r60', '2 × 10, 45 cm'])]
    #[TestWith(['3x8 half 3-1-3-1', '3x8 half 3-1-3-1', '3 × 8, half the way'])]
    #[TestWith(['3x8 Whole', '3x8 whole', '3 × 8, the whole way'])]
    public function test_a_range_is_part_of_the_line(string $typed, string $printed, string $words): void
    {
        $dose = DoseLine::parse($typed, Sidedness::Both);

        self::assertSame([$printed, $words], [DoseLine::print($dose), DoseWords::of($dose)]);
        self::assertEquals($dose, DoseLine::parse($printed, Sidedness::Both));
    }

    #[TestWith(['2x10 3cm', 'from 5 to 300'])]
    #[TestWith(['2x10 99999cm', 'from 5 to 300'])]
    #[TestWith(['2x10 30cm 45cm', 'cannot be read here'])]
    public function test_a_range_that_is_none_gets_a_sentence(string $typed, string $says): void
    {
        $this->expectExceptionMessage($says);
        DoseLine::parse($typed, Sidedness::Both);
    }

    #[TestWith([self::WHEEL, '2x10 120cm', 'goes over 30 to 90 cm in steps of 15: “120cm” is none of it'])]
    #[TestWith([self::WHEEL, '2x10 half', '“half” is none of it'])]
    #[TestWith(['front-plank/small-rock', '2x10 @light', 'has no band or cable: leave out “@light”'])]
    #[TestWith(['front-plank/small-rock', '2x10 30cm', 'has no range of its own: leave out “30cm”'])]
    public function test_a_range_goes_with_its_rung(string $rung, string $line, string $says): void
    {
        $this->expectException(InvalidSession::class);
        $this->expectExceptionMessage($says);
        ShippedLibrary::item($rung, $line);
    }

    #[TestWith(['2x6 45cm', '2x10 30cm', true, false])]
    #[TestWith(['2x10 30cm', '2x6 45cm', true, true])]
    #[TestWith(['2x10 third', '2x6 half', true, true])]
    #[TestWith(['2x6 30cm', '2x8 30cm', false, true])]
    #[TestWith(['2x6 30cm', '2x6 half', false, false])]
    #[TestWith(['2x10 @5kg', '2x6 @8kg', true, true])]
    public function test_more_of_the_way_asks_for_more_as_a_heavier_load_does(string $one, string $other, bool $isMore, bool $isLess): void
    {
        [$one, $other] = [DoseLine::parse($one, Sidedness::Both), DoseLine::parse($other, Sidedness::Both)];

        self::assertSame([$isMore, $isLess], [$one->asksForMoreThan($other), $one->asksForLessThan($other)], 'more in something; less, whatever is asked for in a set');
    }

    public function test_a_dose_without_a_range_is_the_smallest(): void
    {
        self::assertSame('2x6 30cm', DoseLine::print(ShippedLibrary::item(self::WHEEL, '2x6')->dose));
        self::assertSame('2x10', DoseLine::print(ShippedLibrary::item('front-plank/small-rock', '2x10')->dose));
    }

    public function test_the_height_moves_with_the_range(): void
    {
        $wheel = ShippedLibrary::rung(self::WHEEL);

        self::assertSame([70, 73, 76, 79, 82], array_map(static fn(Range $range): int => $wheel->at($range)->height->tenths, $wheel->range->steps ?? []));
        self::assertSame(75, $wheel->at(Range::ofCentimetres(55))->height->tenths, 'in between linear');
        self::assertSame(self::WHEEL, $wheel->at(Range::ofCentimetres(90))->slug);
        self::assertSame(70, $wheel->at(null)->height->tenths);
    }

    public function test_the_steps_are_those_of_the_rung_also_from_a_range_in_between(): void
    {
        $range = RungRange::ofCentimetres(30, 90, 15, Height::ofTenths(70), Height::ofTenths(82));

        self::assertSame(['45cm', '90cm', null], [$range->wider(Range::ofCentimetres(40))?->print(), $range->wider(Range::ofCentimetres(80))?->print(), $range->wider(Range::ofCentimetres(90))?->print()]);
        self::assertSame(['30cm', null], [$range->narrower(Range::ofCentimetres(40))?->print(), $range->narrower(Range::ofCentimetres(30))?->print()]);
        $this->expectException(\InvalidArgumentException::class);
        RungRange::ofCentimetres(30, 85, 15, Height::ofTenths(70), Height::ofTenths(82));
    }

    public function test_a_rung_of_before_is_the_range_it_stood_for(): void
    {
        $blocks = [WrittenBlock::straight(new WrittenItem('a', 'rollout/wheel-45', '2x8')), WrittenBlock::straight(new WrittenItem('b', 'dead-bug/opposite-full', '2x8/side'))];
        $items = ReadSession::of($blocks, ShippedLibrary::get(), static fn(): Side => Side::Left)->session?->items() ?? [];
        self::assertSame([self::WHEEL, '2x8 45cm'], [$items[0]->rung->slug, DoseLine::print($items[0]->dose)]);
        self::assertSame(['dead-bug/opposite-short', '2x8/side whole'], [$items[1]->rung->slug, DoseLine::print($items[1]->dose)]);

        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [new LoggedSet('a', 'rollout/wheel-full', '1x8', 8, null, null, [], 0, 6, false, null)], []);
        self::assertSame('1x8 90cm', DoseLine::print($log->exercises(ShippedLibrary::get(), Side::Both)[0]->dose));
    }

    public function test_centimetres_beyond_what_a_body_reaches_are_refused(): void
    {
        $this->expectException(InvalidDose::class);
        Range::ofCentimetres(301);
    }
}
