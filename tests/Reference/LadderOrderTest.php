<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Body\Load;
use PHPUnit\Framework\TestCase;
use Tests\Core\ShippedLibrary;

/** Tags of shipped rungs against published figures (values from memory of the sources). */
final class LadderOrderTest extends TestCase
{
    /**
     * Callaghan, Gunning, McGill 1998, Phys Ther 78:8–18: on all fours, the leg lift alone loads the spine
     * least (2–2.3 kN), opposite arm and leg about 3 kN. The tag is 1 from 2 000 to 3 400 N
     * (NIOSH Work Practices Guide 1981: action limit 3 400 N).
     */
    public function test_opposite_arm_and_leg_presses_the_spine_more_than_the_leg_lift_and_stays_below_the_action_limit(): void
    {
        $legLift = ShippedLibrary::rung('all-fours/leg-lift');
        $opposite = ShippedLibrary::rung('all-fours/opposite-short');

        self::assertGreaterThan($legLift->height->tenths, $opposite->height->tenths);
        self::assertGreaterThan($legLift->loads->value(Load::Compression), $opposite->loads->value(Load::Compression));
        self::assertSame(1, $opposite->loads->value(Load::Compression));
    }
}
