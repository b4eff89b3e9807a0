<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Position;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Stances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Statics\Declared;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Where a still model can speak, a rung asks most of what the library says it asks. */
final class DeclaredTest extends TestCase
{
    /** Where it cannot, or says otherwise, and why. */
    private const OTHERWISE = [
        'front-plank/forearms-wall' => 'nearly upright, the lean hardly bends anything',
        'side-bridge/wall-lean' => 'nearly upright, and the forearm on the wall turns as much as it bends',
        'side-bridge/wall-lean-steps' => 'nearly upright, and the forearm on the wall turns as much as it bends',
        'carry/two-hand-carry' => 'two weights balance each other',
        'carry/one-side-shoulder' => 'above the hip, in front: what is held there bends forward as well',
        'carry/low-and-shoulder' => 'above the hip, in front: what is held there bends forward as well',
        'carry/upside-down' => 'above the hip, in front: what is held there bends forward as well',
        'carry/two-hand-overhead' => 'two weights balance each other',
        'carry/one-side-overhead' => 'over the shoulder a weight hardly bends; keeping it there is balance',
        'carry/side-reach' => 'a hinge with a light weight: the trunk itself bends forward most',
        'press-out/half-kneeling-line' => 'a light pull: the arms themselves bend forward as much as it turns',
        'press-out/one-arm-row' => 'the pull is in front, not at the side',
        'press-out/feet-together' => 'a light pull: the arms themselves bend forward as much as it turns',
        'press-out/push-pull' => 'two pulls that turn, and the arms before the body',
        'press-out/corner-bar-arc' => 'its turning is speed',
        'press-out/overhead' => 'overhead the pull bends sideways',
        'press-out/walking' => 'a light pull: the arms themselves bend forward as much as it turns',
        'prone-extension/one-leg' => 'over a pillow the floor carries part of the trunk',
        'prone-extension/both-legs' => 'over a pillow the floor carries part of the trunk',
        'prone-extension/reverse-bent' => 'face up: it is the hips that lift',
        'prone-extension/reverse-straight' => 'face up: it is the hips that lift',
    ];

    /** @return iterable<string, array{Rung}> planks, rollouts, side bridges, carries, press-outs, prone lifts and hinges */
    public static function rungs(): iterable
    {
        foreach (['front-plank', 'rollout', 'side-bridge', 'carry', 'press-out', 'prone-extension', 'hinge'] as $ladder) {
            foreach (ShippedLibrary::get()->ladder($ladder)->rungs as $rung) {
                yield $rung->slug => [$rung];
            }
        }
    }

    #[DataProvider('rungs')]
    public function test_the_declared_demand_is_the_largest_change_or_it_is_said_why_not(Rung $rung): void
    {
        if (isset(self::OTHERWISE[$rung->slug])) {
            self::assertGreaterThan(1, self::rank($rung), 'It is the largest change now, and no exception any more.');
        } else {
            self::assertSame(1, self::rank($rung), (string) json_encode(self::changes($rung)));
        }
    }

    /** On all fours the declared bend forward needs an arm ahead; where there is none, why. */
    private const LEG_ALONE = [
        'leg-slide' => 'a leg behind and no arm ahead bends the trunk backward',
        'leg-held' => 'a leg behind and no arm ahead bends the trunk backward',
        'leg-lift' => 'a leg behind and no arm ahead bends the trunk backward',
        'kickback' => 'a leg behind and no arm ahead bends the trunk backward',
        'knees-hover' => 'between hand and toes the trunk hangs as in a plank',
    ];

    public function test_on_all_fours_the_declared_demand_is_first_or_second_where_an_arm_is_ahead(): void
    {
        foreach (ShippedLibrary::get()->ladder('all-fours')->rungs as $rung) {
            $name = explode('/', $rung->slug)[1] ?? '';
            if (isset(self::LEG_ALONE[$name])) {
                self::assertGreaterThan(2, self::rank($rung), "{$name} is no exception any more.");
            } else {
                self::assertLessThanOrEqual(2, self::rank($rung), $name);
            }
        }
    }

    private static ?Stances $poses = null;

    private static function rank(Rung $rung): int
    {
        return Declared::rank($rung->demand, self::changes($rung)) ?? 0;
    }

    /** @return array{extension: float, flexion: float, side: float, turning: float} */
    private static function changes(Rung $rung): array
    {
        return Declared::changes($rung->plan(), self::neutral($rung->position), ShippedLibrary::solver());
    }

    private static function neutral(Position $position): ?Plan
    {
        $figure = Declared::neutral($position);

        return $figure === null ? null : Plan::of($figure, self::$poses ??= Stances::of((array) Yaml::parseFile(dirname(__DIR__, 2).'/library/poses.yaml')));
    }
}
