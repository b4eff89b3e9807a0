<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Load;
use EvenRungs\Statics\Borne;
use PHPUnit\Framework\TestCase;

/** What joints bear in the model, and what the library says they do. */
final class LoadTagsTest extends TestCase
{
    public function test_no_rung_of_the_library_says_less_than_its_joints_bear(): void
    {
        $solver = ShippedLibrary::solver();
        $checked = 0;
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                foreach (Borne::of($rung->plan(), $solver) as $tag => $least) {
                    self::assertGreaterThanOrEqual($least, $rung->loads->value(Load::from($tag)), "{$rung->slug}: {$tag}");
                    $checked++;
                }
            }
        }
        // Not an empty promise: planks, side bridges, all fours and legs held free are among them.
        self::assertGreaterThan(80, $checked);
    }

    public function test_a_side_bridge_asks_more_of_the_shoulder_than_one_on_the_knees_and_nothing_of_the_wrist(): void
    {
        $of = static fn(string $slug): array => Borne::of(ShippedLibrary::rung($slug)->plan(), ShippedLibrary::solver());

        self::assertSame([Load::Shoulder->value => 2], $of('side-bridge/feet-stacked'));
        self::assertSame([Load::Shoulder->value => 1], $of('side-bridge/knees-bent'));
        self::assertSame(2, $of('side-bridge/on-the-hand')[Load::Wrist->value]);
        self::assertSame([], $of('press-out/standing'));
        self::assertSame([Load::HipFlexor->value => 1], $of('dead-bug/low-hold'));
        self::assertSame([], $of('dead-bug/ninety-hold'));
    }
}
