<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\KindMix;
use EvenRungs\Balance\Quality;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a dose trains follows from the dose, not from the name (common practice); and of what kind the work is. */
final class QualityTest extends TestCase
{
    /** @param list<string> $qualities */
    #[TestWith(['front-plank/forearms-toes', '3x(4x10s/5)', ['endurance']])]
    #[TestWith(['side-bridge/top-leg-straight', '2x15s/side', ['endurance']])]
    #[TestWith(['bridge/long-top', '2x10 2-0-2-10', ['endurance']])]
    #[TestWith(['bridge/touch', '2x10 3-0-3-0', []])]
    #[TestWith(['bridge/touch', '2x20 3-0-3-0', ['endurance']])]
    #[TestWith(['hinge/floor-two-hands', '3x8', ['strength']])]
    #[TestWith(['hinge/floor-two-hands', '3x16', []])]
    #[TestWith(['hinge/floor-two-hands', '3x20', ['endurance']])]
    #[TestWith(['carry/one-side-heavy', '3x20m/side @12kg', ['strength']])]
    #[TestWith(['press-out/standing', '3x10/side @10kg', ['strength']])]
    #[TestWith(['press-out/standing', '3x10/side', []])]
    #[TestWith(['front-plank/foot-lift', '2x6/side', ['stability']])]
    #[TestWith(['front-plank/forearms-ball', '2x20s', ['endurance', 'stability']])]
    #[TestWith(['floor-anti-rotation/row', '3x10/side @8kg', ['strength']])]
    #[TestWith(['front-plank/forearms-toes', '2x60s on', ['endurance']])]
    public function test_a_dose_trains_what_it_asks_for(string $rung, string $dose, array $qualities): void
    {
        self::assertSame($qualities, array_column(Quality::of(ShippedLibrary::item($rung, $dose)), 'value'));
    }

    public function test_a_session_says_how_much_of_its_work_trains_what(): void
    {
        $session = new Session([new StraightSets(ShippedLibrary::item('front-plank/forearms-ball', '2x20s', 'a')), new StraightSets(ShippedLibrary::item('hinge/floor-two-hands', '1x5 3-0-1-0', 'b'))]);

        self::assertSame(['endurance' => 40, 'strength' => 20, 'stability' => 40], Quality::work($session, $session->timeline()));
    }

    public function test_working_sets_are_counted_by_kind_without_primer_and_activation(): void
    {
        $session = new Session([
            new StraightSets(ShippedLibrary::item('squat/box', '2x8', 'b'), Part::Primer),
            new StraightSets(ShippedLibrary::item('activation/brace-all-round', '1x60s', 'a')),
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '3x20s', 'c')),
            new StraightSets(ShippedLibrary::item('squat/bodyweight', '2x8', 'd')),
            new StraightSets(ShippedLibrary::item('hip-side/clam', '1x10/side', 'e'), Part::Finisher),
        ]);
        $mix = KindMix::in($session);

        self::assertSame(['bracing' => 3, 'integrated' => 2, 'isolated' => 1], $mix->sets);
        self::assertSame([50, 33, 17], array_map($mix->percent(...), WorkKind::cases()));
        self::assertStringContainsString('98 % in line', $mix->reason(KindMix::target(Aim::Strength) ?? [])->sentence);
    }
}
