<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Figure\Pose;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Spot;
use EvenRungs\Figure\Stood;
use EvenRungs\Statics\Hardness;
use EvenRungs\Statics\LeastForces;
use EvenRungs\Statics\Rest;
use EvenRungs\Statics\SmallClimb;
use PHPUnit\Framework\TestCase;

/** Bodies at rest, by hand. */
final class StaticsTest extends TestCase
{
    private const G = 9.81;

    public function test_a_weight_at_arms_length_bends_by_its_weight_times_its_reach(): void
    {
        $pose = ['shoulder' => [90, 0], 'on' => 'feet'];
        [$stood, $without] = self::rest($pose);
        $with = Rest::of($stood, $setting = Setting::of([['kettlebell' => 'hands', 'kg' => 5]]));
        $reach = ($stood->body->at(Spot::named('left-grip')[0])[0] - $stood->body->roots['middle'][0]) * 1.70;

        self::assertGreaterThan(0.4, $reach);
        self::assertEqualsWithDelta(5 * self::G * $reach, $with->lowBack()->bends - $without->lowBack()->bends, 0.01);
        self::assertSame(5.0, $setting->kit[0]->kg);
    }

    public function test_a_plank_is_a_beam_on_two_supports(): void
    {
        [$stood, $rest] = self::rest(['lies' => 'prone', 'tilt' => -16, 'shoulder' => [74, 2], 'wrist' => 88, 'on' => ['palms', 'toes']]);
        [$hands, $toes, $centre] = [$stood->body->at(Spot::named('left-palm')[0])[0], $stood->body->at(Spot::named('left-toes')[0])[0], $stood->body->mass()[1][0]];

        self::assertEqualsWithDelta(($centre - $toes) / ($hands - $toes), $rest->carriedBy(['palm']), 0.002);
        self::assertEqualsWithDelta(1.0, $rest->carriedBy(['palm', 'toes']), 1e-4);
    }

    public function test_a_one_side_carry_bends_the_trunk_by_the_weight_times_its_distance(): void
    {
        [$stood, $without] = self::rest(['shoulder' => [0, 10], 'on' => 'feet']);
        $with = Rest::of($stood, Setting::of([['kettlebell' => 'left-hand', 'kg' => 16]]));
        $aside = ($stood->body->at(Spot::named('left-grip')[0])[1] - $stood->body->roots['middle'][1]) * 1.70;

        // To the left, so below nought.
        self::assertEqualsWithDelta(-16 * self::G * $aside, $with->lowBack()->leans - $without->lowBack()->leans, 0.01);
        self::assertEqualsWithDelta(0.0, $without->lowBack()->leans, 0.05);
    }

    public function test_a_lift_from_blocks_is_begun_with_the_weight_that_asks_little_more_than_the_rung_below(): void
    {
        [$below, $rung] = [ShippedLibrary::rung('hinge/hip-height'), ShippedLibrary::rung('hinge/blocks-two-hands')];
        $asked = Hardness::of($below->plan(), ShippedLibrary::solver())->demand(Demand::AntiFlexion);
        $part = (new SmallClimb($rung->plan(), ShippedLibrary::solver(), Demand::AntiFlexion))->load($asked) ?? 0.0;
        $lighter = Hardness::of($rung->plan()->with($rung->plan()->setting->loaded($part)), ShippedLibrary::solver())->demand(Demand::AntiFlexion);

        self::assertGreaterThan(0.25, $part);
        self::assertEqualsWithDelta($asked + SmallClimb::SMALL, $lighter, 5);
        // Down the ladder there is nothing to keep small.
        self::assertNull((new SmallClimb($below->plan(), ShippedLibrary::solver(), Demand::AntiFlexion))->load(Hardness::of($rung->plan(), ShippedLibrary::solver())->demand(Demand::AntiFlexion)));
    }

    public function test_less_of_a_load_is_said_down_to_what_can_be_taken(): void
    {
        $setting = Setting::of([['kettlebell' => 'left-hand', 'kg' => 12], ['kettlebell' => 'right-hand', 'kg' => 12]]);

        self::assertSame('With about 13.5 kg in place of 24 it asks for hardly more than where they stand.', SmallClimb::inWords($setting, 0.58));
        self::assertSame('With about 35 N of pull in place of 40 it asks for hardly more than where they stand.', SmallClimb::inWords(Setting::of([['band' => 'hands', 'to' => [0, 150, 120], 'pull' => 40]]), 0.98));
        self::assertNull(SmallClimb::inWords(Setting::of([['kettlebell' => 'left-hand', 'kg' => 1]]), 0.3));
    }

    public function test_the_pull_of_a_dose_is_that_of_every_band_and_loop(): void
    {
        $setting = Setting::of([['bench' => 43], ['loop' => 'ankles', 'pull' => 40], ['band' => 'hands', 'to' => [0, 150, 120], 'pull' => 60]])->pulling(90);

        self::assertSame([0.0, 90.0, 90.0], array_column($setting->kit, 'pull'));
        self::assertSame(90.0, $setting->newtons());
        self::assertSame(0.0, $setting->kilograms());
    }

    public function test_a_wheel_asks_more_the_farther_it_goes_and_the_range_within_a_limit_is_told(): void
    {
        $rung = ShippedLibrary::rung('rollout/wheel-30');
        $along = (new SmallClimb($rung->plan(), ShippedLibrary::solver(), Demand::AntiExtension))->along();
        $at45 = max([0, ...array_map(static fn(array $frame): int => $frame[0] <= 45 ? $frame[1] : 0, $along)]);

        self::assertSame($along, array_values(array_filter($along, static fn(array $frame, int $at): bool => $at === 0 || $frame[1] >= $along[$at - 1][1], ARRAY_FILTER_USE_BOTH)));
        $range = $rung->range ?? throw new \LogicException;
        self::assertSame('45cm', $range->within($along, $at45)?->print());
        self::assertSame('30cm', $range->within($along, $at45 - 1)?->print());
        self::assertNull($range->within($along, 10));
    }

    public function test_standing_nothing_is_resisted_and_both_feet_carry_half(): void
    {
        [, $rest] = self::rest(['on' => 'feet']);
        foreach ($rest->lowBack()->resisted() as $what => $moment) {
            self::assertLessThan(3, $moment, $what);
        }
        self::assertEqualsWithDelta(1.0, $rest->carriedBy(['heel', 'inner-foot', 'outer-foot']), 1e-4);
        self::assertGreaterThan(0.01, $rest->margin(Setting::of([])));
    }

    public function test_a_body_whose_weight_hangs_beyond_its_feet_cannot_be_at_rest(): void
    {
        $body = ShippedLibrary::solver()->stand(Pose::of(['on' => 'feet']), Setting::of([]));
        $leaning = new Stood($body->body, array_values(array_filter($body->supports, static fn($support): bool => str_contains($support->spot->name(), 'left-heel'))), 0.0, []);

        self::assertFalse(Rest::of($leaning, Setting::of([]))->canBe());
        self::assertTrue(Rest::of($body, Setting::of([]))->canBe());
    }

    public function test_front_planks_resist_extension_side_bridges_side_bending_and_press_outs_turning(): void
    {
        self::assertSame('extension', self::largest('front-plank/forearms-toes'));
        self::assertSame('side', self::largest('side-bridge/feet-stacked'));
        self::assertSame('side', self::largest('carry/standing-hold'));
        self::assertSame('turning', self::largest('press-out/standing-held'));
        self::assertSame('flexion', self::largest('hinge/hip-height'));
    }

    public function test_a_full_side_bridge_comes_to_what_it_is_by_hand_and_the_knees_to_less(): void
    {
        // Common practice of the trade: about 95 N·m, on the knees less.
        $full = self::hardness('side-bridge/feet-stacked')->demand(Demand::AntiLateralFlexion);
        $knees = self::hardness('side-bridge/knees-bent')->demand(Demand::AntiLateralFlexion);

        self::assertEqualsWithDelta(95, $full, 8);
        self::assertLessThan(0.85 * $full, $knees);
    }

    public function test_twice_the_body_resists_twice_as_much_where_nothing_else_weighs(): void
    {
        $plan = ShippedLibrary::rung('front-plank/forearms-toes')->plan();
        $usual = Hardness::of($plan, ShippedLibrary::solver(), 60, 170);
        $heavy = Hardness::of($plan, ShippedLibrary::solver(), 120, 170);

        self::assertEqualsWithDelta(2, $heavy->highest['extension'] / $usual->highest['extension'], 0.02);
    }

    public function test_a_lighter_person_is_bent_as_much_by_the_same_weight(): void
    {
        $plan = ShippedLibrary::rung('carry/standing-hold')->plan();

        self::assertEqualsWithDelta(Hardness::of($plan, ShippedLibrary::solver(), 90, 170)->highest['side'], Hardness::of($plan, ShippedLibrary::solver(), 60, 170)->highest['side'], 3);
    }

    public function test_least_forces_share_a_load_between_equal_supports_and_never_pull(): void
    {
        // Three posts in a row under a beam, the load over the middle: a third each is least of all squares.
        [$amounts, $off] = LeastForces::of([[1.0, 0, 0], [0, 1.0, 0], [0, 0, 1.0]], [[1.0, -1.0], [1.0, 0.0], [1.0, 1.0]], [3.0, 0.0]);
        self::assertEqualsWithDelta([1.0, 1.0, 1.0], $amounts, 1e-6);
        self::assertEqualsWithDelta(0.0, $off, 1e-9);

        // Beyond the last post none of them can hold it.
        [$amounts, $off] = LeastForces::of([[1.0, 0], [0, 1.0]], [[1.0, -1.0], [1.0, 1.0]], [1.0, 2.0]);
        self::assertGreaterThan(0.5, $off);
        self::assertGreaterThanOrEqual(0.0, min([0.0, ...$amounts]));
    }

    private static function largest(string $slug): string
    {
        $highest = self::hardness($slug)->highest;

        return (string) array_search(max($highest), $highest, true);
    }

    private static function hardness(string $slug): Hardness
    {
        return Hardness::of(ShippedLibrary::rung($slug)->plan(), ShippedLibrary::solver());
    }

    /**
     * @param array<string, mixed> $pose
     *
     * @return array{Stood, Rest}
     */
    private static function rest(array $pose): array
    {
        $stood = ShippedLibrary::solver()->stand(Pose::of($pose), Setting::of([]));
        self::assertSame([], $stood->amiss);

        return [$stood, Rest::of($stood, Setting::of([]))];
    }
}
