<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\BraceSample;
use EvenRungs\Assessment\InvalidBrace;
use PHPUnit\Framework\TestCase;

/** A minute behind a brace, as a cuff under the low back tells it. */
final class BraceCheckTest extends TestCase
{
    public function test_a_steady_minute_is_held(): void
    {
        $check = BraceCheck::of($this->readings(60, static fn(float $second): float => 40 + sin($second)));

        self::assertTrue($check->held);
        self::assertEqualsWithDelta(60.0, $check->secondsInBand, 1e-9);
        self::assertEqualsWithDelta(60.0, $check->longestInBand, 1e-9);
        self::assertSame('60 of 60 s in the band. The brace holds while the breath goes on.', $check->reason->sentence);
    }

    public function test_fifty_nine_seconds_are_not_the_minute(): void
    {
        $check = BraceCheck::of($this->readings(59, static fn(): float => 40));

        self::assertFalse($check->held);
        self::assertStringContainsString('Stopped before the minute: foundation work first.', $check->reason->sentence);
    }

    public function test_the_edge_of_the_band_counts_and_beyond_it_does_not(): void
    {
        self::assertEqualsWithDelta(10.0, BraceCheck::of($this->readings(10, static fn(): float => 45))->secondsInBand, 1e-9);
        self::assertEqualsWithDelta(0.0, BraceCheck::of($this->readings(10, static fn(): float => 45.1))->secondsInBand, 1e-9);
    }

    /** By hand: out of the band from 20 to 30 s inclusive, readings twice a second: 19.5 s before, 29.5 s after. */
    public function test_a_break_divides_the_time_in_band(): void
    {
        $check = BraceCheck::of($this->readings(60, static fn(float $second): float => $second >= 20 && $second <= 30 ? 30 : 40));

        self::assertEqualsWithDelta(49.0, $check->secondsInBand, 1e-9);
        self::assertEqualsWithDelta(29.5, $check->longestInBand, 1e-9);
        self::assertFalse($check->held);
    }

    /** A straight fall of 6 mmHg over the minute is a drift of −6 a minute, although it all lies in the band. */
    public function test_a_slow_fall_is_said_although_it_stays_in_the_band(): void
    {
        $check = BraceCheck::of($this->readings(60, static fn(float $second): float => 43 - $second / 10));

        self::assertEqualsWithDelta(-6.0, $check->driftPerMinute, 1e-9);
        self::assertStringContainsString('drifting down by 6.0 mmHg a minute', $check->reason->sentence);
    }

    public function test_a_silent_cuff_does_not_count_as_in_the_band(): void
    {
        $check = BraceCheck::of([new BraceSample(0, 40), new BraceSample(1_000, 40), new BraceSample(4_000, 40), new BraceSample(5_000, 40)]);

        self::assertEqualsWithDelta(2.0, $check->secondsInBand, 1e-9);
    }

    public function test_too_few_readings_and_time_that_runs_backwards_are_refused(): void
    {
        $said = [];
        foreach ([[new BraceSample(0, 40)], [new BraceSample(500, 40), new BraceSample(0, 40)]] as $samples) {
            try {
                BraceCheck::of($samples);
            } catch (InvalidBrace $wrong) {
                $said[] = $wrong->getMessage();
            }
        }

        self::assertSame(['The cuff has said too little: at least two readings are needed.', 'The readings of the cuff run backwards in time.'], $said);
    }

    /**
     * @param \Closure(float): float $pressure by second
     *
     * @return list<BraceSample> twice a second
     */
    private function readings(int $seconds, \Closure $pressure): array
    {
        return array_map(static fn(int $half): BraceSample => new BraceSample($half * 500, $pressure($half / 2)), range(0, 2 * $seconds));
    }

    public function test_without_a_cuff_the_minute_is_timed_by_hand(): void
    {
        self::assertTrue(BraceCheck::timed(60)->held);
        self::assertSame('Braced and breathing quietly for 45 of 60 s, timed by hand. Stopped before the minute: foundation work first.', BraceCheck::timed(45)->reason->sentence);

        $this->expectException(InvalidBrace::class);
        BraceCheck::timed(61);
    }
}
