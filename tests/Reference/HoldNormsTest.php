<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Assessment\Age;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\HoldNorm;
use EvenRungs\Assessment\MinimalDetectableChange;
use EvenRungs\Assessment\Normal;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Norms, percentiles and detectable change against their sources. */
final class HoldNormsTest extends TestCase
{
    /** @return iterable<string, array{HoldKind, Side, Sex, int, int, bool}> mean, SD, and whether the mean is at least 2.5 SD */
    public static function published(): iterable
    {
        yield 'men, extensor' => [HoldKind::BackExtensor, Side::Both, Sex::Male, 146, 51, true];
        yield 'men, flexor' => [HoldKind::TrunkFlexor, Side::Both, Sex::Male, 144, 76, false];
        yield 'men, right side' => [HoldKind::SidePlank, Side::Right, Sex::Male, 94, 34, true];
        yield 'men, left side' => [HoldKind::SidePlank, Side::Left, Sex::Male, 97, 35, true];
        yield 'women, extensor' => [HoldKind::BackExtensor, Side::Both, Sex::Female, 189, 60, true];
        yield 'women, flexor' => [HoldKind::TrunkFlexor, Side::Both, Sex::Female, 149, 99, false];
        yield 'women, right side' => [HoldKind::SidePlank, Side::Right, Sex::Female, 72, 31, false];
        yield 'women, left side' => [HoldKind::SidePlank, Side::Left, Sex::Female, 77, 35, false];
    }

    /** McGill, Childs, Liebenson 1999, Arch Phys Med Rehabil 80:941–944; values from memory. */
    #[DataProvider('published')]
    public function test_means_and_spreads_are_the_published_ones(HoldKind $kind, Side $side, Sex $sex, int $mean, int $sd, bool $carriesPercentile): void
    {
        $norm = HoldNorm::for($kind, $side, $sex);

        self::assertSame([$mean, $sd], [$norm?->mean, $norm?->sd]);
        self::assertSame($carriesPercentile, $norm?->hasPercentile());
    }

    /** The men’s own mean is 0.99 for flexor : extensor (same source), so a ratio above 1.0 is near the middle, not a verdict. */
    public function test_the_mens_own_ratio_is_just_below_the_one_that_is_noted(): void
    {
        $flexor = HoldNorm::for(HoldKind::TrunkFlexor, Side::Both, Sex::Male)->mean ?? 0;
        $extensor = HoldNorm::for(HoldKind::BackExtensor, Side::Both, Sex::Male)->mean ?? 1;

        self::assertEqualsWithDelta(0.99, $flexor / $extensor, 0.005);
    }

    /** @return iterable<string, array{float, float}> */
    public static function pnorm(): iterable
    {
        foreach (file(__DIR__.'/pnorm.csv', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            if (! str_starts_with($line, '#')) {
                [$z, $share] = explode(',', $line);
                yield "z = {$z}" => [(float) $z, (float) $share];
            }
        }
    }

    /** R's pnorm; the table keeps the command that made it. */
    #[DataProvider('pnorm')]
    public function test_the_share_below_agrees_with_r(float $z, float $share): void
    {
        self::assertEqualsWithDelta($share, Normal::shareBelow($z), 1e-13);
    }

    /** Any statistics handbook: 0 → 50.000 %, 1 → 84.134 %, −1.645 → 5.00 %. */
    public function test_a_hold_at_the_mean_is_the_fiftieth_percentile_and_one_sd_above_the_eighty_fourth(): void
    {
        $norm = HoldNorm::for(HoldKind::BackExtensor, Side::Both, Sex::Female);
        $student = Age::inYear(2002, 2026);

        self::assertEqualsWithDelta(50.0, $norm?->percentile(189, $student), 0.0005);
        self::assertEqualsWithDelta(84.134, $norm?->percentile(189 + 60, $student), 0.0005);
        self::assertNull($norm?->percentile(189, Age::inYear(1980, 2026)), 'outside the sample’s ages');
        self::assertNull($norm?->percentile(189, null), 'age not known');
    }

    /** Worked by hand from Weir 2005, J Strength Cond Res 19:231–240: SD 34, r 0.97 → SEM 34 × √0.03 = 5.889; × 1.96 × √2 = 16.32. */
    public function test_minimal_detectable_change_is_the_published_formula(): void
    {
        self::assertEqualsWithDelta(5.889, MinimalDetectableChange::standardError(34, 0.97), 0.0005);
        self::assertEqualsWithDelta(16.32, MinimalDetectableChange::of(34, 0.97), 0.005);
        // With no reliability at all the error is the whole spread; with perfect reliability there is none.
        self::assertSame(10.0, MinimalDetectableChange::standardError(10, 0));
        self::assertSame(0.0, MinimalDetectableChange::of(10, 1));
    }

    /** Biering-Sørensen 1984, Spine 9:106–119: the test is stopped at 240 s (value from memory). */
    public function test_the_extensor_hold_is_stopped_at_240_seconds(): void
    {
        self::assertSame(240, HoldKind::BackExtensor->stopAtSeconds());
    }
}
