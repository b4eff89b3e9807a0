<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Ladder\Reach;
use EvenRungs\Reason\Rule;
use PHPUnit\Framework\TestCase;

/** How far up at once is asked about. */
final class ReachTest extends TestCase
{
    public function test_one_and_a_half_above_what_was_clean_is_not_far_and_a_tenth_more_is(): void
    {
        $library = ShippedLibrary::get();
        $rungs = $library->ladder('front-plank')->rungs;
        $reach = new Reach($rungs[0]);
        $near = $far = 0;
        foreach ($rungs as $rung) {
            $above = $rung->height->tenths - $rungs[0]->height->tenths;
            $asked = $reach->against($rung);
            self::assertSame($above > 15, $asked !== null, $rung->name);
            self::assertSame($above > 15, $rung->height->tenths > $reach->farAbove(), $rung->name);
            $asked === null ? $near++ : $far++;
            if ($asked !== null) {
                self::assertSame(Rule::BigJump, $asked->rule);
                self::assertStringContainsString($rungs[0]->name, $asked->sentence);
            }
        }
        self::assertGreaterThan(1, $near);
        self::assertGreaterThan(1, $far);
    }
}
