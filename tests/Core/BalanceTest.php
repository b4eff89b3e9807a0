<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\Evenness;
use EvenRungs\Balance\KindMix;
use EvenRungs\Balance\Position;
use EvenRungs\Balance\TargetShares;
use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Method\Method;
use PHPUnit\Framework\TestCase;

final class BalanceTest extends TestCase
{
    public function test_11_work_shares_and_agreement_of_the_worked_figure(): void
    {
        $shares = WorkShares::ofWork([
            [Demand::AntiExtension, [], 180],
            [Demand::AntiFlexion, [Demand::AntiRotation], 160],
            [Demand::AntiLateralFlexion, [], 120],
            [Demand::AntiRotation, [], 160],
        ]);
        $targets = TargetShares::of(array_fill_keys(['anti-extension', 'anti-flexion', 'anti-lateral-flexion', 'anti-rotation'], 25));

        self::assertSame([257, 229, 171, 343], array_map($shares->perMille(...), [Demand::AntiExtension, Demand::AntiFlexion, Demand::AntiLateralFlexion, Demand::AntiRotation]));
        self::assertSame(900, $shares->agreementPerMille($targets));
    }

    public function test_the_shares_of_every_aim_add_up_to_a_hundred_or_are_six_alike(): void
    {
        foreach (Aim::cases() as $aim) {
            $alike = count(array_unique($aim->targets()->toArray())) === 1;
            self::assertSame($alike, in_array($aim, [Aim::Even, Aim::Youth], true), $aim->value);
            self::assertTrue($alike || $aim->targets()->parts() === 100, $aim->value);
        }
    }

    public function test_the_spread_compares_the_weaker_sides_and_names_the_weakest(): void
    {
        $evenness = $this->evenness([
            ['front-plank/forearms-toes', Side::Both],
            ['side-bridge/top-leg-straight', Side::Left],
            ['side-bridge/knees-bent', Side::Right],
            ['all-fours/opposite-short', Side::Both],
            ['press-out/tall-kneeling', Side::Both],
        ], Kit::cases());

        self::assertSame(30, $evenness->heights[Demand::AntiLateralFlexion->value]->tenths);
        self::assertSame(12, $evenness->spreadTenths);
        self::assertSame(Demand::AntiRotation, $evenness->weakest);
        self::assertStringContainsString('4.0 − 2.8 = 1.2', $evenness->reason->sentence);
    }

    public function test_a_demand_on_the_highest_open_rung_is_topped_out_and_left_out(): void
    {
        $evenness = $this->evenness([
            ['front-plank/forearms-toes', Side::Both],
            ['side-bridge/knees-bent', Side::Both],
            ['all-fours/knees-hover', Side::Both],
        ], []);

        self::assertSame([Demand::AntiFlexion], $evenness->toppedOut);
        self::assertSame(10, $evenness->spreadTenths);
    }

    public function test_one_demand_alone_has_no_spread(): void
    {
        $evenness = $this->evenness([['front-plank/forearms-toes', Side::Both]], Kit::cases());

        self::assertNull($evenness->spreadTenths);
        self::assertNull($evenness->weakest);
    }

    public function test_a_demand_that_was_only_guessed_is_no_weakest(): void
    {
        $stands = [['front-plank/forearms-toes', Side::Both], ['side-bridge/knees-bent', Side::Both], ['press-out/tall-kneeling', Side::Both]];
        $evenness = $this->evenness($stands, Kit::cases(), ['press-out/tall-kneeling']);

        self::assertSame([10, Demand::AntiLateralFlexion, [Demand::AntiRotation]], [$evenness->spreadTenths, $evenness->weakest, $evenness->guessed]);
        self::assertSame('A session or a test where nothing is known but a guess: rotation.', $evenness->reason->wouldChange);
        self::assertSame(28, $evenness->heights['anti-rotation']->tenths, 'it has its height all the same');
        self::assertNull($this->evenness($stands, Kit::cases(), ['side-bridge/knees-bent', 'press-out/tall-kneeling'])->spreadTenths);
        // Of one demand what is known counts.
        self::assertSame([], $this->evenness([...$stands, ['floor-anti-rotation/hover-hold', Side::Both]], Kit::cases(), ['floor-anti-rotation/hover-hold'])->guessed);
    }

    /**
     * @param list<array{string, Side}> $stands
     * @param list<Kit>                 $kit
     * @param list<string>              $guessed rungs
     */
    private function evenness(array $stands, array $kit, array $guessed = []): Evenness
    {
        return Evenness::of(
            array_map(static fn(array $stand): Position => new Position(ShippedLibrary::rung($stand[0]), $stand[1], guessed: in_array($stand[0], $guessed, true)), $stands),
            ShippedLibrary::get(),
            new Circumstances([], $kit, Method::default()),
        );
    }

    public function test_29_the_kind_mix_of_a_strength_sport_week(): void
    {
        $target = KindMix::target(Aim::Strength);
        self::assertNotNull($target);
        $mix = static fn(int $bracing, int $integrated, int $isolated): ?int => KindMix::of([WorkKind::Bracing->value => $bracing, WorkKind::Integrated->value => $integrated, WorkKind::Isolated->value => $isolated])->agreementPerMille($target);

        self::assertSame(1000, $mix(30, 21, 9));
        self::assertSame(817, $mix(40, 10, 10), '18.3 points off');
        self::assertNull($mix(0, 0, 0));
        self::assertNull(KindMix::target(Aim::Even), 'only some aims have a second target');
    }
}
