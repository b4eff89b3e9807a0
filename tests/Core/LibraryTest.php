<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Lever;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Screening\State;
use EvenRungs\Session\Item;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LibraryTest extends TestCase
{
    public function test_each_rung_above_the_first_names_its_lever(): void
    {
        foreach (ShippedLibrary::get()->ladders as $ladder) {
            foreach ($ladder->rungs as $index => $rung) {
                self::assertSame($index === 0, $rung->lever === Lever::Start, $rung->slug);
            }
        }
    }

    public function test_each_rung_has_a_default_dose_that_fits_it_and_survives_the_typed_line(): void
    {
        foreach (ShippedLibrary::get()->ladders as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $dose = $rung->defaultDose(Method::default());
                new Item('x', $rung, $dose);
                self::assertEquals($dose, DoseLine::parse(DoseLine::print($dose), $rung->sidedness), $rung->slug);
            }
        }
    }

    /** @return iterable<array{string, string, string}> rung, hold strategy, default dose */
    public static function defaults(): iterable
    {
        yield ['front-plank/forearms-bench', 'short repeated', '3x(3x10s/5)'];
        yield ['front-plank/forearms-toes', 'short repeated', '3x(4x10s/5)'];
        yield ['front-plank/tight-plank', 'short repeated', '3x(6x10s/5)'];
        yield ['front-plank/forearms-toes', 'capped at 30 s then move', '2x20s'];
        yield ['front-plank/forearms-toes', 'long holds to 120 s', '3x30s'];
        yield ['side-bridge/knees-bent', 'short repeated', '2x15s/side'];
        yield ['side-bridge/long-lever', 'short repeated', '3x30s/side'];
        yield ['press-out/standing', 'short repeated', '2x10/side'];
        yield ['all-fours/opposite-short', 'short repeated', '2x5/side'];
        yield ['all-fours/brace-breathe', 'short repeated', '1x(10x3s/2)'];
    }

    #[DataProvider('defaults')]
    public function test_the_default_dose_follows_level_and_method(string $rung, string $strategy, string $dose): void
    {
        $method = Method::default()->with(Question::HoldStrategy, $strategy);

        self::assertSame($dose, DoseLine::print(ShippedLibrary::rung($rung)->defaultDose($method)));
    }

    public function test_wrist_pain_rules_out_flat_hands_and_says_so(): void
    {
        $ruling = $this->with([State::WristPain])->rule(ShippedLibrary::rung('front-plank/hands-toes'));

        self::assertFalse($ruling->openSomewhere());
        self::assertSame('“Front plank, on the hands” is ruled out by wrist pain: it loads the wrist.', $ruling->reasons[0]->sentence);
    }

    public function test_a_sore_left_shoulder_leaves_the_right_side_bridge_open(): void
    {
        $circumstances = new Circumstances([State::ShoulderPain->limit(Side::Left)], Kit::cases());
        $ruling = $circumstances->rule(ShippedLibrary::rung('side-bridge/knees-bent'));

        self::assertFalse($ruling->openOn(Side::Left));
        self::assertTrue($ruling->openOn(Side::Right));
        self::assertFalse($circumstances->rule(ShippedLibrary::rung('front-plank/forearms-toes'))->openSomewhere(), 'both arms carry in the front plank');
    }

    public function test_missing_kit_rules_a_rung_out_by_name(): void
    {
        $ruling = (new Circumstances([], []))->rule(ShippedLibrary::rung('all-fours/weighted'));

        self::assertStringContainsString('needs dumbbell and ankle weights', $ruling->reasons[0]->sentence);
    }

    public function test_the_substitute_is_the_nearest_open_rung_of_the_same_demand_and_not_higher(): void
    {
        $substitution = Substitution::for(ShippedLibrary::rung('front-plank/hands-toes'), ShippedLibrary::get(), $this->with([State::WristPain]));

        self::assertSame('front-plank/forearms-low-step', $substitution?->instead->slug);
        self::assertStringContainsString('Lost: 0.3 of height', $substitution->reason->sentence);
    }

    public function test_where_nothing_fits_the_demand_stays_open(): void
    {
        self::assertNull(Substitution::for(ShippedLibrary::rung('all-fours/one-arm'), ShippedLibrary::get(), $this->with([State::WristPain])));
    }

    public function test_a_rung_that_does_not_exist_is_named(): void
    {
        $this->expectException(UnknownRung::class);
        $this->expectExceptionMessage('no rung “front-plank/on-the-moon”');

        ShippedLibrary::get()->rung('front-plank/on-the-moon');
    }

    public function test_branches_are_not_steps_of_the_trunk(): void
    {
        $ladder = ShippedLibrary::get()->ladder('front-plank');

        self::assertSame('front-plank/forearms-toes', $ladder->above(ShippedLibrary::rung('front-plank/forearms-low-step'))?->slug);
        self::assertSame('front-plank/forearms-toes', $ladder->above(ShippedLibrary::rung('front-plank/hands-toes'))?->slug);
        self::assertSame('front-plank/forearms-low-step', $ladder->below(ShippedLibrary::rung('front-plank/hands-toes'))?->slug);
        self::assertNull($ladder->below(ShippedLibrary::rung('front-plank/forearms-wall')));
    }

    public function test_the_four_demands_of_every_week_have_a_ladder(): void
    {
        $demands = array_map(static fn($ladder): Demand => $ladder->demand, ShippedLibrary::get()->ladders);

        self::assertEqualsCanonicalizing(Demand::everyWeek(), $demands);
    }

    public function test_a_ladder_whose_rungs_fall_is_refused(): void
    {
        $rung = ['name' => 'A rung', 'short' => 'rung', 'position' => 'standing', 'moves' => 'static', 'sided' => 'both', 'kit' => [], 'cues' => ['One.', 'Two.'], 'faults' => [], 'fallback' => 'Rest.', 'loads' => [], 'dose' => 'static-hold'];
        $this->expectException(InvalidLadder::class);
        $this->expectExceptionMessage('stands lower than the rung before it');

        LadderReader::read(['slug' => 'odd', 'name' => 'Odd', 'short' => 'odd', 'demand' => 'anti-extension', 'rungs' => [
            [...$rung, 'slug' => 'high', 'height' => 40], [...$rung, 'slug' => 'low', 'height' => 30],
        ]]);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function brokenFields(): iterable
    {
        yield 'a position nobody knows' => [['position' => 'floating'], 'odd, rung 0'];
        yield 'a height off the scale' => [['height' => 400], 'A height goes from 1.0 to 10.0'];
        yield 'a load above its highest' => [['loads' => ['kneeling' => 2]], 'goes from 0 to 1'];
        yield 'a tempo of three parts' => [['tempo' => '2-0-2'], 'has four parts'];
        yield 'text where a number belongs' => [['height' => '30'], '“height” is not a whole number'];
        yield 'a missing name' => [['name' => null], '“name” is missing'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('brokenFields')]
    public function test_a_broken_rung_is_refused_with_its_place(array $change, string $says): void
    {
        $rung = ['slug' => 'a', 'name' => 'A rung', 'short' => 'rung', 'height' => 30, 'position' => 'standing', 'moves' => 'static', 'sided' => 'both', 'kit' => [], 'cues' => ['One.', 'Two.'], 'faults' => [], 'fallback' => 'Rest.', 'loads' => [], 'dose' => 'static-hold'];
        $this->expectExceptionMessage($says);

        LadderReader::read(['slug' => 'odd', 'name' => 'Odd', 'short' => 'odd', 'demand' => 'anti-extension', 'rungs' => [[...$rung, ...$change]]]);
    }

    /** @param list<State> $states */
    private function with(array $states): Circumstances
    {
        return new Circumstances(array_map(static fn(State $state) => $state->limit(Side::Both), $states), Kit::cases());
    }
}
