<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Side;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use PHPUnit\Framework\TestCase;

final class StartPainTest extends TestCase
{
    public function test_the_middle_of_the_back_has_no_side_so_pain_told_with_one_accounts_for_it_on_either(): void
    {
        $began = new StartPain(PainPlace::LowBack, Side::Left, 3);

        self::assertTrue($began->accountsFor(PainPlace::LowBack, Side::Right, 3));
        self::assertFalse($began->accountsFor(PainPlace::LowBack, Side::Right, 4));
    }

    public function test_what_loads_a_place_is_known_of_every_rung(): void
    {
        $loaded = static fn(string $rung): array => array_column(PainPlace::loadedBy(ShippedLibrary::rung($rung)), 'value');

        self::assertSame(['low-back', 'shoulder', 'elsewhere'], array_values(array_intersect($loaded('front-plank/forearms-toes'), ['low-back', 'shoulder', 'wrist', 'elsewhere'])));
        self::assertContains('wrist', $loaded('front-plank/hands-toes'));
        self::assertNotContains('shoulder', $loaded('bridge/touch'));
    }

    public function test_a_shoulder_has_two_sides_and_the_other_one_is_not_accounted_for(): void
    {
        $began = new StartPain(PainPlace::Shoulder, Side::Left, 3);

        self::assertTrue($began->accountsFor(PainPlace::Shoulder, Side::Left, 2));
        self::assertFalse($began->accountsFor(PainPlace::Shoulder, Side::Right, 2));
        self::assertFalse($began->accountsFor(PainPlace::Wrist, Side::Left, 2));
    }
}
