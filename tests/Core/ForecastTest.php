<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Program\Forecast;
use EvenRungs\Program\GateForecast;
use EvenRungs\Program\Rate;
use EvenRungs\Program\RungTenure;
use EvenRungs\Screening\State;
use PHPUnit\Framework\TestCase;

final class ForecastTest extends TestCase
{
    public function testAGapOfOneAtAThirdAWeekIsBetweenTheThirdAndTheSixthWeek(): void
    {
        // Forearms and toes 4.0 to the tight plank 5.0: 10 tenths at 3 a week are 3.3 weeks; two thirds of it 2.2, half as much again 5.0.
        $gate = self::forecast(3)[0];

        self::assertSame(['front-plank/forearms-toes', 'front-plank/tight-plank'], [$gate->from->slug, $gate->to->slug]);
        self::assertEqualsWithDelta(3.33, $gate->likely, 0.01);
        self::assertSame([3, 4, 6], array_map(GateForecast::week(...), [$gate->earliest, $gate->likely, $gate->latest]));
        self::assertTrue($gate->holds(2.0));
        self::assertFalse($gate->holds(6.0));
    }

    public function testTheBandWidensWithEveryGate(): void
    {
        $widths = array_map(static fn(GateForecast $gate): float => $gate->latest - $gate->earliest, self::forecast(3));

        self::assertGreaterThan(3, count($widths));
        $sorted = $widths;
        sort($sorted);
        self::assertSame($sorted, $widths);
    }

    public function testTimeAlreadySpentOnTheRungCounts(): void
    {
        self::assertEqualsWithDelta(3.33 - 2, self::forecast(3, 14)[0]->likely, 0.01);
        self::assertGreaterThan(0.0, self::forecast(3, 100)[0]->likely, 'Longer than thought is not yet a climb.');
    }

    public function testHoweverQuickTheMethodAsksForItsDaysFirst(): void
    {
        self::assertGreaterThanOrEqual(1.0, self::forecast(10)[0]->likely);
        $slow = Method::default()->with(Answer::OneToTwoWeeks);
        self::assertGreaterThan(self::forecast(10)[0]->likely, self::forecast(10, 0, $slow)[0]->likely);
    }

    public function testARuledOutRungIsPassedBy(): void
    {
        $ladder = ShippedLibrary::get()->ladder('front-plank');
        $circumstances = new Circumstances([State::WristPain->limit(Side::Both)], [], Method::default());
        foreach (Forecast::of(ShippedLibrary::rung('front-plank/forearms-toes'), 0, $ladder, $circumstances, Rate::stated(5), 2, 12) as $gate) {
            self::assertTrue($circumstances->rule($gate->to)->openOn(Side::Both), $gate->to->name);
        }
    }

    public function testTheForecastSaysItIsNoPromise(): void
    {
        self::assertStringContainsString('not a promise', self::forecast(3)[0]->reason()->sentence);
    }

    public function testTheRateIsReadFromTheLogOnceThereIsEnough(): void
    {
        $climbs = [new RungTenure(21, 10), new RungTenure(28, 8), new RungTenure(21, 6)];
        self::assertNull(Rate::fromLog($climbs), '10 weeks on ladders are too few.');

        // 24 tenths in 21 + 28 + 21 + 42 days = 16 weeks: 0.15 of height a week, the ladder without a climb included.
        $rate = Rate::fromLog([...$climbs, new RungTenure(42, 0)]);
        self::assertNotNull($rate);
        self::assertTrue($rate->fromLog);
        self::assertEqualsWithDelta(1.5, $rate->tenthsAWeek, 0.001);
        self::assertNull(Rate::fromLog([new RungTenure(60, 8), new RungTenure(60, 8)]), 'Two climbs are too few.');
    }

    public function testAStatedRateStaysWithinWhatAnybodyClimbs(): void
    {
        foreach ([0, 11] as $tenths) {
            try {
                Rate::stated($tenths);
                self::fail('It should have been refused.');
            } catch (\InvalidArgumentException $refused) {
                self::assertSame('A rate lies between 0.1 and 1.0 of height a week.', $refused->getMessage());
            }
        }
    }

    /** @return list<GateForecast> */
    private static function forecast(int $tenths, int $days = 0, ?Method $method = null): array
    {
        return Forecast::of(ShippedLibrary::rung('front-plank/forearms-toes'), $days, ShippedLibrary::get()->ladder('front-plank'), new Circumstances([], Kit::cases(), $method ?? Method::default()), Rate::stated($tenths), 3, 12);
    }
}
