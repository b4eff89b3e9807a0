<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Figure\Apart;
use EvenRungs\Figure\Base;
use EvenRungs\Figure\FaultKind;
use EvenRungs\Figure\FlatPose;
use EvenRungs\Figure\FreshDrawer;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Pose;
use EvenRungs\Figure\Posture;
use EvenRungs\Figure\Resisted;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Shape;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Spot;
use EvenRungs\Figure\Stances;
use EvenRungs\Figure\Stood;
use EvenRungs\Figure\Vector;
use EvenRungs\Ladder\Rung;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Bodies on their supports. */
final class FigureTest extends TestCase
{
    public function test_every_carrying_place_is_within_half_a_centimetre_of_what_carries_it(): void
    {
        foreach (self::stances()->names() as $name) {
            $pose = self::stances()->pose($name);
            $setting = Setting::of([['bench' => 43], ['bar' => 215]]);
            $stood = ShippedLibrary::solver()->stand($pose, $setting);

            self::assertSame([], $stood->amiss, $name);
            foreach ($stood->supports as $support) {
                $surface = $setting->surface($support->surface);
                $height = $stood->contact($support)[2] - ($surface->isGripped() ? 0 : $support->spot->contact->radius()) - $surface->height;
                self::assertLessThan(0.5, abs($height) * 170, "{$name}, {$support->spot->name()}");
            }
        }
    }

    public function test_a_stand_is_worked_out_once_for_the_same_pose_kit_and_place(): void
    {
        $solver = new Solver;
        $plan = ShippedLibrary::rung('side-bridge/side-to-front')->plan();
        $stands = $plan->stands($solver);

        self::assertSame($stands, $plan->stands($solver));
        self::assertNotSame($stands[1], $solver->stand($plan->poses[1], $plan->setting), 'planted elsewhere');
        self::assertNotSame($stands[0], $solver->stand($plan->poses[0], Setting::of([['bench' => 43]])), 'other kit');
        self::assertEquals($stands, $plan->stands(new Solver));
    }

    public function test_nothing_of_a_body_is_under_the_floor_and_no_angle_beyond_its_range(): void
    {
        foreach (['forearm-plank', 'squat', 'back-knees-bent', 'side-bridge', 'half-kneeling'] as $name) {
            $body = ShippedLibrary::solver()->stand(self::stances()->pose($name), Setting::of([]))->body;
            foreach (Shape::points($body) as $at => $point) {
                self::assertGreaterThan(0, $point[2], "{$name}, ".Shape::POINTS[$at]);
            }
            self::assertSame([], $body->posture->beyond(), $name);
        }
    }

    public function test_nothing_of_a_body_is_in_the_floor_or_the_kit_on_any_part_of_its_way(): void
    {
        foreach (['front-plank/forearm-to-hand', 'side-bridge/side-to-front', 'side-bridge/top-knee-bench', 'bridge/bench-loaded', 'all-fours/wall-opposite', 'rollout/standing-full', 'hip-side/step-down'] as $slug) {
            $plan = ShippedLibrary::rung($slug)->plan();
            foreach ($plan->way(ShippedLibrary::solver(), $plan->stands(ShippedLibrary::solver())) as $frame => $stood) {
                foreach (Apart::of($stood->body, new Pose($stood->body->posture, $stood->supports, []), $stood->solids) as $apart) {
                    self::assertLessThan(0.5, -170 * $apart->gap, "{$slug}, frame {$frame}: {$apart->says()}");
                }
                self::assertSame([], $stood->amiss, "{$slug}, frame {$frame}");
            }
        }
    }

    public function test_a_leg_hangs_free_under_a_bench_but_not_in_its_seat(): void
    {
        $seat = array_values(ShippedLibrary::rung('side-bridge/top-foot-bench')->plan()->stands(ShippedLibrary::solver())[0]->solids)[0];
        $under = [($seat->low[0] + $seat->high[0]) / 2, ($seat->low[1] + $seat->high[1]) / 2, $seat->low[2] / 2];

        self::assertGreaterThan(0, $seat->gap($under)[0]);
        self::assertEqualsWithDelta(-0.045 / 1.7, $seat->gap([$under[0], $under[1], $seat->high[2] - 0.045 / 1.7])[0], 1e-9);
        self::assertSame([0.0, 0.0, 1.0], $seat->gap([$under[0], $under[1], $seat->high[2] - 0.01])[1]);
    }

    public function test_what_goes_wrong_in_lifting_is_drawn_where_the_lift_begins(): void
    {
        $plan = ShippedLibrary::rung('hinge/bar-floor')->plan();
        $stands = $plan->stands(ShippedLibrary::solver());
        $rounded = FaultKind::BackRounds->in($plan, ShippedLibrary::solver())->body->mass()[1][2];

        self::assertLessThan($stands[1]->body->mass()[1][2] - 0.1, $rounded);
        // Leaning past upright is made at the top.
        self::assertGreaterThan($rounded + 0.1, FaultKind::LowBackSags->in($plan, ShippedLibrary::solver())->body->mass()[1][2]);
    }

    public function test_what_stays_between_two_poses_stays_where_it_was(): void
    {
        $stands = self::plan(['start' => 'forearm-plank', 'end' => ['like' => 'start', 'right' => ['hip' => -12], 'on' => ['forearms', 'left-toes']]])->stands(ShippedLibrary::solver());
        foreach (['left-elbow', 'right-wrist', 'left-toes'] as $place) {
            [$spot] = Spot::named($place);
            self::assertLessThan(0.5, 170 * Vector::length(Vector::plus($stands[1]->body->at($spot), $stands[0]->body->at($spot), -1)), $place);
        }
        [$free] = Spot::named('right-toes');
        self::assertGreaterThan(5, 170 * ($stands[1]->body->at($free)[2] - $stands[0]->body->at($free)[2]));
    }

    public function test_a_wheel_travels_and_the_knees_stay(): void
    {
        $stands = ShippedLibrary::rung('rollout/wheel-30')->plan()->stands(ShippedLibrary::solver());
        [$hand, $knee] = [Spot::named('left-grip')[0], Spot::named('left-knee')[0]];

        self::assertGreaterThan(20, 170 * ($stands[1]->body->at($hand)[0] - $stands[0]->body->at($hand)[0]));
        self::assertLessThan(0.5, 170 * Vector::length(Vector::plus($stands[1]->body->at($knee), $stands[0]->body->at($knee), -1)));
    }

    public function test_a_weight_in_one_hand_is_balanced_by_the_body(): void
    {
        $carried = ShippedLibrary::solver()->stand(Pose::of(['hip' => [0, -2], 'on' => 'feet']), Setting::of([['kettlebell' => 'left-hand', 'kg' => 80]]));
        $free = ShippedLibrary::solver()->stand(Pose::of(['hip' => [0, -2], 'on' => 'feet']), Setting::of([]));

        self::assertSame([], $carried->amiss);
        $overFeet = static fn(Stood $stood): float => $stood->body->mass()[1][1] - ($stood->body->roots['left-foot'][1] + $stood->body->roots['right-foot'][1]) / 2;
        self::assertLessThan($overFeet($free) - 0.005, $overFeet($carried));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function impossible(): iterable
    {
        yield 'an elbow bent the wrong way' => [['start' => ['elbow' => -40, 'on' => 'feet']], 'The left elbow is at -40° of flexion; it goes from 0° to 150°.'];
        yield 'a back bent too far as a whole' => [['start' => ['low-back' => 50, 'mid-back' => 50, 'on' => 'feet']], 'The back as a whole is at 100° of flexion; it goes from -25° to 60°.'];
        yield 'a bench out of reach' => [['start' => ['on' => ['floor' => 'feet', 'bench' => 'palms']], 'kit' => [['bench' => 255]]], 'from the bench.'];
        yield 'a wall where the body would have to be' => [['start' => ['lies' => 'prone', 'tilt' => 84, 'shoulder' => [174, 6], 'wrist' => 90, 'on' => ['floor' => 'palms', 'wall' => 'heels']], 'kit' => [['wall' => 'back']]], 'inside the wall.'];
        yield 'an anchor inside the body' => [['start' => ['on' => 'feet'], 'kit' => [['band' => 'left-hand', 'to' => [0, 0, 95]]]], 'The band leads to a place inside the body, at the sacrum.'];
    }

    /** @param array<string, mixed> $figure */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_said(array $figure, string $sentence): void
    {
        $plan = self::plan($figure);
        $amiss = array_merge(...array_map(static fn(Stood $stood): array => $stood->amiss, $plan->stands(ShippedLibrary::solver())));

        self::assertStringContainsString($sentence, implode(' ', $amiss));
    }

    public function test_mirrored_is_the_same_on_the_other_side(): void
    {
        $data = ['like' => 'side-bridge', 'right' => ['shoulder' => [0, 92]], 'touch' => []];
        [$here, $there] = [self::plan(['start' => $data]), self::plan(['start' => [...$data, 'mirrored' => true]])];
        self::assertEquals($here->poses[0], $there->poses[0]->mirrored());
        [$here, $there] = [$here->stands(ShippedLibrary::solver())[0]->body, $there->stands(ShippedLibrary::solver())[0]->body];
        foreach (['elbow', 'fingers', 'knee'] as $place) {
            [$left, $right] = [$here->at(Spot::named("left-{$place}")[0]), $there->at(Spot::named("right-{$place}")[0])];
            // On the other side the head lies the other way, so that the chest still faces the viewer.
            self::assertLessThan(1, 170 * Vector::length(Vector::plus($left, [-$right[0], $right[1], $right[2]], -1)), $place);
        }
    }

    public function test_a_limb_keeps_its_length_in_every_frame(): void
    {
        foreach (['dead-bug/opposite-short', 'press-out/standing', 'carry/one-side-light', 'rollout/wheel-30'] as $slug) {
            foreach ((new FreshDrawer)->figure(ShippedLibrary::rung($slug)->plan())->frames as $frame) {
                $point = static fn(string $name): array => array_slice($frame, 3 * (int) array_search($name, Shape::POINTS, true), 3);
                foreach (['left-hip left-knee' => 245, 'right-shoulder right-elbow' => 186, 'left-elbow left-wrist' => 146] as $limb => $length) {
                    [$from, $to] = explode(' ', $limb);
                    self::assertEqualsWithDelta($length, sqrt(array_sum(array_map(static fn(int $a, int $b): int => ($a - $b) ** 2, $point($from), $point($to)))), 2, "{$slug}, {$limb}");
                }
            }
        }
    }

    public function test_the_shipped_figures_are_those_of_the_library_and_all_can_be(): void
    {
        /** @var array<string, array{amiss: list<string>, figure: array<string, mixed>}> $shipped */
        $shipped = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/library/figures.json'), true, 512, JSON_THROW_ON_ERROR);
        $rungs = self::rungs();
        foreach ($rungs as $at => $rung) {
            $plan = $rung->plan();
            self::assertArrayHasKey($plan->fingerprint(), $shipped, "{$rung->slug}: php artisan library:figures writes it anew");
            self::assertSame([], $shipped[$plan->fingerprint()]['amiss'], $rung->slug);
            // Solving all of them takes a quarter of a minute: that is `library:figures --check`.
            if ($at % 20 === 0) {
                self::assertSame($shipped[$plan->fingerprint()]['figure'], json_decode((string) json_encode((new FreshDrawer)->figure($plan)), true), $rung->slug);
            }
        }
    }

    public function test_each_rung_is_seen_from_where_its_demand_shows(): void
    {
        $along = [];
        foreach (self::rungs() as $rung) {
            $plan = $rung->plan();
            $stands = $plan->stands(ShippedLibrary::solver());
            $resisted = self::resisted($rung, $stands[count($stands) - 1]);
            if ($resisted === null) {
                continue;
            }
            [$round, $up] = [deg2rad($plan->view[0]), deg2rad($plan->view[1])];
            $sight = [-sin($round) * cos($up), cos($round) * cos($up), -sin($up)];
            $off = rad2deg(acos(min(1.0, abs(Vector::dot(Vector::unit($resisted), $sight)))));
            if ($off < 45) {
                $along[] = sprintf('%s at %d°', $rung->slug, $off);
            }
        }
        self::assertSame([], $along);
    }

    public function test_the_arrow_shows_what_is_resisted(): void
    {
        $arrow = static function (string $slug): ?array {
            $plan = ShippedLibrary::rung($slug)->plan();
            $stands = $plan->stands(ShippedLibrary::solver());
            $force = Resisted::in($plan, $stands[count($stands) - 1]);

            return $force === null ? null : Vector::unit(Vector::plus($force[1], $force[0], -1));
        };

        // A band from the left, a weight and the body's own weight downward; who lies on the floor resists none of these.
        self::assertGreaterThan(0.8, $arrow('press-out/standing-held')[1] ?? 0);
        self::assertEqualsWithDelta(-1.0, $arrow('carry/standing-hold')[2] ?? 0, 1e-9);
        self::assertEqualsWithDelta(-1.0, $arrow('front-plank/forearms-toes')[2] ?? 0, 1e-9);
        self::assertEqualsWithDelta(-1.0, $arrow('side-bridge/knees-bent')[2] ?? 0, 1e-9);
        self::assertNull($arrow('dead-bug/ninety-hold'));
        self::assertNull($arrow('carry/two-hand-carry'));
    }

    public function test_an_old_flat_figure_is_read_as_a_body_in_space(): void
    {
        $old = ['start' => ['trunk' => 8, 'arm' => [270, 0], 'leg' => [188, 188, 280]], 'end' => ['like' => 'forearm-plank', 'arm' => [10, 8]], 'props' => ['dumbbell@hand'], 'pin' => 'elbow'];
        self::assertTrue(FlatPose::isOne($old));
        self::assertFalse(FlatPose::isOne(['start' => 'forearm-plank', 'view' => [20, 10]]));

        $plan = self::plan($old);
        $start = $plan->stands(ShippedLibrary::solver())[0];
        // Face down, elbows under the shoulders, knees straight: what the picture said.
        self::assertSame([], $start->amiss);
        self::assertGreaterThan(0.9, $start->body->turns['pelvis'][2][0]);
        self::assertGreaterThan(0.9, $start->body->turns['left-upper-arm'][2][2]);
        self::assertContains('right-elbow', array_map(static fn($support): string => $support->spot->name(), $start->supports));
        self::assertSame('dumbbell', $plan->setting->kit[0]->kind->value);
        self::assertCount(2, $plan->poses);
    }

    public function test_every_fault_of_the_library_says_how_it_is_drawn_or_that_a_still_cannot_show_it(): void
    {
        $kinds = [];
        foreach (glob(dirname(__DIR__, 2).'/library/ladders/*.yaml') ?: [] as $file) {
            /** @var array{rungs: list<array{slug?: string, faults?: list<array{kind?: string, seen: string}>}>} $ladder */
            $ladder = Yaml::parseFile($file);
            foreach ($ladder['rungs'] as $rung) {
                foreach ($rung['faults'] ?? [] as $fault) {
                    self::assertArrayHasKey('kind', $fault, "{$fault['seen']} of {$file}");
                    $kinds[$fault['kind'] ?? ''] = true;
                }
            }
        }
        unset($kinds['unseen'], $kinds['breath-held']);
        self::assertGreaterThan(14, count($kinds));
    }

    /** @return iterable<string, array{string, FaultKind, string, int, int}> rung, kind, a point, its axis, and the sense in which it moves */
    public static function faults(): iterable
    {
        yield 'a back that sags is lower at the waist' => ['front-plank/forearms-toes', FaultKind::LowBackSags, 'left-waist', 2, -1];
        yield 'a seat that rises is higher' => ['front-plank/forearms-toes', FaultKind::SeatRises, 'left-hip', 2, 1];
        yield 'hips that sink on the side are lower' => ['side-bridge/feet-stacked', FaultKind::HipsSink, 'right-hip', 2, -1];
        yield 'a trunk that turns to the band brings the right shoulder forward' => ['press-out/standing-held', FaultKind::TrunkTurns, 'right-shoulder', 0, 1];
        yield 'a trunk that leans away from the weight goes to the right' => ['carry/standing-hold', FaultKind::TrunkLeans, 'skull', 1, -1];
        yield 'hips that sink in a bridge are lower' => ['bridge/long-top', FaultKind::HipsSink, 'left-hip', 2, -1];
        yield 'knees that fall in are closer' => ['squat/bodyweight', FaultKind::KneeFallsIn, 'left-knee', 1, -1];
        yield 'shrugged shoulders are higher' => ['carry/standing-hold', FaultKind::ShouldersShrug, 'left-shoulder', 2, 1];
    }

    #[DataProvider('faults')]
    public function test_a_fault_moves_what_it_names_and_is_still_carried(string $slug, FaultKind $kind, string $point, int $axis, int $sense): void
    {
        $plan = ShippedLibrary::rung($slug)->plan();
        $stands = $plan->stands(ShippedLibrary::solver());
        $right = Shape::points($stands[count($stands) - 1]->body);
        $fault = $kind->in($plan, ShippedLibrary::solver());
        $at = (int) array_search($point, Shape::POINTS, true);

        self::assertGreaterThan(0.01, $sense * (Shape::points($fault->body)[$at][$axis] - $right[$at][$axis]));
        foreach ($fault->supports as $support) {
            self::assertLessThan(2, 170 * abs($fault->contact($support)[2] - $plan->setting->surface($support->surface)->height - $support->spot->contact->radius()), $support->spot->name());
        }
    }

    public function test_a_point_is_inside_the_base_or_as_far_outside_as_it_is(): void
    {
        $square = new Base([[0.0, 0.0], [2.0, 0.0], [2.0, 2.0], [0.0, 2.0], [1.0, 1.0]]);

        self::assertEqualsWithDelta(0.5, $square->margin([0.5, 1.0]), 1e-9);
        self::assertEqualsWithDelta(-1.0, $square->margin([3.0, 1.0]), 1e-9);
        self::assertEqualsWithDelta(-sqrt(2), $square->margin([3.0, 3.0]), 1e-9);
        self::assertSame([2.0, 1.0], $square->nearest([3.0, 1.0]));
        self::assertEqualsWithDelta(0.0, (new Base([[0.0, 0.0], [2.0, 0.0]]))->margin([1.0, 0.0]), 1e-9);
    }

    public function test_angles_are_between_two_postures_as_far_along(): void
    {
        $half = Posture::of(['knee' => 0])->towards(Posture::of(['left' => ['knee' => 90]]), 0.5);

        self::assertSame([45.0], $half->angles['left-knee']);
        self::assertSame([0.0], $half->angles['right-knee']);
    }

    /**
     * Where the chest would go if nothing resisted: with gravity to the front or back, to the side, or round.
     *
     * @return array{float, float, float}|null
     */
    private static function resisted(Rung $rung, Stood $stood): ?array
    {
        $pelvis = $stood->body->turns['pelvis'];

        return match ($rung->demand) {
            Demand::AntiExtension, Demand::AntiFlexion => $pelvis[0],
            Demand::AntiLateralFlexion, Demand::AntiRotation => $pelvis[1],
            default => null,
        };
    }

    /** @return list<Rung> */
    private static function rungs(): array
    {
        return array_merge(...array_map(static fn($ladder): array => $ladder->rungs, ShippedLibrary::get()->ladders()));
    }

    /** @param array<string, mixed> $figure */
    private static function plan(array $figure): Plan
    {
        return Plan::of($figure, self::stances());
    }

    private static function stances(): Stances
    {
        return Stances::of((array) Yaml::parseFile(dirname(__DIR__, 2).'/library/poses.yaml'));
    }
}
