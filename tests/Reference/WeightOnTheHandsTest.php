<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Figure\Pose;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use EvenRungs\Statics\Rest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Body weight on the hands in push-up positions. Values from memory of the sources.
 *
 * Suprak, Dawes and Stephenson 2011, J Strength Cond Res 25:497–503: held, high position.
 * Ebben et al. 2011, J Strength Cond Res 25:2891–2894: peaks of moving push-ups, so that only differences from the plain
 * position can be held against a still model, with the arms square to the trunk.
 */
final class WeightOnTheHandsTest extends TestCase
{
    private const SQUARE = ['lies' => 'prone', 'shoulder' => [90, 2], 'wrist' => 84];

    public function test_the_high_position_has_about_69_hundredths_on_the_hands(): void
    {
        self::assertEqualsWithDelta(0.692, self::onHands(['lies' => 'prone', 'tilt' => -17, 'shoulder' => [73, 2], 'wrist' => 90, 'on' => ['palms', 'toes']]), 0.03);
    }

    public function test_on_the_knees_about_54_hundredths(): void
    {
        self::assertEqualsWithDelta(0.536, self::onHands(['lies' => 'prone', 'tilt' => -30, 'shoulder' => [60, 2], 'wrist' => 88, 'knee' => 60, 'on' => ['palms', 'knees']]), 0.03);
    }

    /** @return iterable<string, array{array<string, mixed>, list<array<string, int>>, float}> what carries, kit, and the difference from the plain position */
    public static function raised(): iterable
    {
        yield 'feet on 30 cm' => [['on' => ['floor' => ['palms'], 'step' => ['toes']]], [['step' => 30]], 0.70 - 0.64];
        yield 'feet on 61 cm' => [['tilt' => 15, 'on' => ['floor' => ['palms'], 'bench' => ['toes']]], [['bench' => 61]], 0.74 - 0.64];
        yield 'hands on 30 cm' => [['tilt' => -30, 'wrist' => 62, 'on' => ['step' => ['palms'], 'floor' => ['toes']]], [['step' => 30]], 0.55 - 0.64];
    }

    /**
     * @param array<string, mixed>     $change
     * @param list<array<string, int>> $kit
     */
    #[DataProvider('raised')]
    public function test_raising_feet_or_hands_changes_it_about_as_much_as_was_measured(array $change, array $kit, float $difference): void
    {
        self::assertEqualsWithDelta($difference, self::onHands([...self::SQUARE, ...$change], $kit) - self::plain(), 0.06);
    }

    public function test_hands_on_61_cm_carry_least_of_all(): void
    {
        $high = self::onHands([...self::SQUARE, 'tilt' => -40, 'wrist' => 50, 'on' => ['bench' => ['palms'], 'floor' => ['toes']]], [['bench' => 61]]);
        $low = self::onHands([...self::SQUARE, 'tilt' => -30, 'wrist' => 62, 'on' => ['step' => ['palms'], 'floor' => ['toes']]], [['step' => 30]]);

        self::assertLessThan($low, $high);
    }

    private static function plain(): float
    {
        return self::onHands([...self::SQUARE, 'tilt' => -17, 'wrist' => 72, 'on' => ['palms', 'toes']]);
    }

    /**
     * @param array<string, mixed>     $pose
     * @param list<array<string, int>> $kit
     */
    private static function onHands(array $pose, array $kit = []): float
    {
        $setting = Setting::of($kit);
        $stood = (new Solver)->stand(Pose::of($pose), $setting);
        self::assertSame([], $stood->amiss);
        $rest = Rest::of($stood, $setting);
        self::assertTrue($rest->canBe());

        return $rest->carriedBy(['palm']);
    }
}
