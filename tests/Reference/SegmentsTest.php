<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Figure\Joint;
use EvenRungs\Figure\Pose;
use EvenRungs\Figure\Segment;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The body against published tables; values from memory of the sources. */
final class SegmentsTest extends TestCase
{
    /** @return iterable<string, array{Segment, float, float}> de Leva 1996, J Biomech 29:1223–1230: mass in per cent of the body, men and women */
    public static function masses(): iterable
    {
        foreach ([
            'head' => [6.94, 6.68], 'chest' => [15.96, 15.45], 'middle' => [16.33, 14.65], 'pelvis' => [11.17, 12.47], 'upper-arm' => [2.71, 2.55],
            'forearm' => [1.62, 1.38], 'hand' => [0.61, 0.56], 'thigh' => [14.16, 14.78], 'shank' => [4.33, 4.81], 'foot' => [1.37, 1.29],
        ] as $segment => [$men, $women]) {
            yield $segment => [Segment::from($segment), $men, $women];
        }
    }

    #[DataProvider('masses')]
    public function test_segments_have_the_mean_mass_of_men_and_women(Segment $segment, float $men, float $women): void
    {
        self::assertEqualsWithDelta(($men + $women) / 200, $segment->mass(), 0.00005);
    }

    public function test_all_masses_together_are_the_body(): void
    {
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn(Segment $segment): float => $segment->mass() * ($segment->isPaired() ? 2 : 1), Segment::cases())), 0.001);
    }

    /** @return iterable<string, array{Segment, float}> Drillis and Contini 1966, in Winter, Biomechanics and Motor Control of Human Movement */
    public static function lengths(): iterable
    {
        yield 'upper arm' => [Segment::UpperArm, 0.186];
        yield 'forearm' => [Segment::Forearm, 0.146];
        yield 'hand' => [Segment::Hand, 0.108];
        yield 'thigh' => [Segment::Thigh, 0.245];
        yield 'shank' => [Segment::Shank, 0.246];
        yield 'foot' => [Segment::Foot, 0.152];
    }

    #[DataProvider('lengths')]
    public function test_limbs_are_as_long_as_published(Segment $segment, float $length): void
    {
        self::assertSame($length, $segment->length());
    }

    public function test_standing_hips_knees_and_shoulders_are_at_their_published_heights(): void
    {
        $body = (new Solver)->stand(Pose::of(['on' => 'feet']), Setting::of([]))->body;

        self::assertEqualsWithDelta(0.530, $body->roots['pelvis'][2], 0.01);
        self::assertEqualsWithDelta(0.285, $body->roots['left-shank'][2], 0.01);
        self::assertEqualsWithDelta(0.818, $body->roots['left-upper-arm'][2], 0.01);
        // Of women and men the centre of mass stands at 0.54 to 0.57 of stature (common in textbooks).
        self::assertEqualsWithDelta(0.56, $body->mass()[1][2], 0.015);
    }

    /** @return iterable<string, array{Joint, int, int, int}> AAOS, Joint Motion 1965: joint, which angle, from and to */
    public static function ranges(): iterable
    {
        yield 'hip flexion' => [Joint::Hip, 0, -30, 120];
        yield 'hip abduction' => [Joint::Hip, 1, -30, 45];
        yield 'hip rotation' => [Joint::Hip, 2, -45, 45];
        yield 'shoulder flexion' => [Joint::Shoulder, 0, -60, 180];
        yield 'shoulder turning' => [Joint::Shoulder, 2, -90, 70];
        yield 'elbow' => [Joint::Elbow, 0, 0, 150];
        yield 'lumbar flexion' => [Joint::LowBack, 0, -25, 60];
        yield 'side-bending' => [Joint::LowBack, 1, -25, 25];
        yield 'trunk turning' => [Joint::LowBack, 2, -30, 30];
        yield 'neck' => [Joint::Neck, 0, -45, 45];
    }

    #[DataProvider('ranges')]
    public function test_joints_go_as_far_as_published(Joint $joint, int $which, int $from, int $to): void
    {
        $hinge = $joint->hinges()[$which];

        self::assertSame([$from, $to], [$hinge->min, $hinge->max]);
    }
}
