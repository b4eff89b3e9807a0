<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Load;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\ShippedLibrary;

/** Tags and order of shipped rungs against published figures (values from memory of the sources). */
final class LadderOrderTest extends TestCase
{
    private const CALLAGHAN = 'Callaghan, Gunning, McGill 1998, Phys Ther 78:8–18';

    private const AXLER = 'Axler, McGill 1997, Med Sci Sports Exerc 29:804–811';

    /** @return iterable<string, array{string, int, string}> rung, spinal compression in newtons, source */
    public static function compression(): iterable
    {
        yield 'all fours, leg lift' => ['all-fours/leg-lift', 2150, self::CALLAGHAN];
        yield 'all fours, opposite arm and leg' => ['all-fours/opposite-short', 3000, self::CALLAGHAN];
        yield 'prone, arms and legs' => ['prone-extension/arms-legs', 5000, self::CALLAGHAN];
        yield 'curl-up' => ['trunk-flexion/curl-up', 2000, self::AXLER];
        yield 'side bridge' => ['side-bridge/feet-stacked', 2600, self::AXLER];
        yield 'hanging straight-leg raise' => ['trunk-flexion/hanging-leg-raise', 2800, self::AXLER];
        yield 'hanging bent-knee raise' => ['trunk-flexion/hanging-knee-raise', 3300, self::AXLER];
        yield 'bent-knee sit-up' => ['trunk-flexion/sit-up-slow', 3350, self::AXLER];
    }

    /** The tag is 0 below 2 000 N, 1 up to 3 400 N, 2 above (NIOSH Work Practices Guide 1981: action limit 3 400 N). */
    #[DataProvider('compression')]
    public function test_the_compression_tag_is_the_band_of_the_published_figure(string $rung, int $newtons, string $source): void
    {
        $tag = match (true) {
            $newtons < 2000 => 0,
            $newtons <= 3400 => 1,
            default => 2,
        };

        self::assertSame($tag, ShippedLibrary::rung($rung)->loads->value(Load::Compression), $source);
    }

    /**
     * Among the exercises of the back measured by Callaghan, Gunning, McGill 1998 the order by compression is the
     * order of our heights: leg lift (2–2.3 kN), opposite arm and leg (3 kN), prone arms and legs (4–6 kN).
     */
    public function test_what_presses_the_spine_more_stands_higher_on_the_back_ladders(): void
    {
        $heights = array_map(static fn(string $slug): int => ShippedLibrary::rung($slug)->height->tenths, ['all-fours/leg-lift', 'all-fours/opposite-short', 'prone-extension/arms-legs']);
        $sorted = $heights;
        sort($sorted);

        self::assertSame($sorted, $heights);
        self::assertSame($heights, array_unique($heights));
    }

    /** Ekstrom, Donatelli, Carp 2007, J Orthop Sports Phys Ther 37:754–762: gluteus maximus 25 % on both legs, 40 % on one. */
    public function test_the_one_leg_bridge_asks_more_of_the_seat_and_stands_higher_than_the_bridge(): void
    {
        self::assertGreaterThan(ShippedLibrary::rung('bridge/short-top')->height->tenths, ShippedLibrary::rung('bridge/one-leg')->height->tenths);
    }

    /**
     * The same source: the side bridge asks 74 % of gluteus medius, opposite arm and leg on all fours 56 % of
     * gluteus maximus and 46 % of multifidus, the bridge 39 % of multifidus: each counts for both demands.
     */
    public function test_rungs_with_high_activity_elsewhere_count_there_as_well(): void
    {
        self::assertContains(Demand::HipStability, ShippedLibrary::rung('side-bridge/feet-stacked')->secondary);
        self::assertContains(Demand::HipStability, ShippedLibrary::rung('all-fours/opposite-short')->secondary);
        self::assertContains(Demand::AntiFlexion, ShippedLibrary::rung('bridge/short-top')->secondary);
    }
}
