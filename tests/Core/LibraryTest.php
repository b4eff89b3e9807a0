<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Figure\Stances;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\LadderReader;
use EvenRungs\Ladder\Lever;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Screening\State;
use EvenRungs\Session\Item;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LibraryTest extends TestCase
{
    /** What a rung needs beside its name and place. */
    private const PLAIN = [
        'purpose' => 'Test.', 'cues' => ['One.', 'Two.', 'Three.'], 'check' => 'Look.', 'faults' => [], 'breathing' => 'On.', 'felt' => 'Here.', 'not_felt' => 'There.',
        'fallback' => 'Rest.', 'way_out' => 'Stop.', 'relief' => 'Lie.', 'loads' => [], 'dose' => 'static-hold',
        'figure' => ['start' => ['on' => 'feet']],
    ];

    public function test_each_rung_above_the_first_names_its_lever(): void
    {
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $index => $rung) {
                self::assertSame($index === 0, $rung->lever === Lever::Start, $rung->slug);
            }
        }
    }

    public function test_each_rung_has_a_default_dose_that_fits_it_and_survives_the_typed_line(): void
    {
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $dose = $rung->defaultDose(Method::default());
                new Item('x', $rung, $dose);
                self::assertEquals($dose, DoseLine::parse(DoseLine::print($dose), $rung->sidedness), $rung->slug);
            }
        }
    }

    /** @return iterable<array{string, Answer, string}> rung, hold strategy, default dose */
    public static function defaults(): iterable
    {
        yield ['front-plank/forearms-bench', Answer::ShortRepeatedHolds, '3x(3x10s/5)'];
        yield ['front-plank/forearms-toes', Answer::ShortRepeatedHolds, '3x(4x10s/5)'];
        yield ['front-plank/tight-plank', Answer::ShortRepeatedHolds, '3x(6x10s/5)'];
        yield ['front-plank/forearms-toes', Answer::CappedHolds, '2x20s'];
        yield ['front-plank/forearms-toes', Answer::LongHolds, '3x30s'];
        yield ['side-bridge/knees-bent', Answer::ShortRepeatedHolds, '2x15s/side'];
        yield ['side-bridge/long-lever', Answer::ShortRepeatedHolds, '3x30s/side'];
        yield ['press-out/standing', Answer::ShortRepeatedHolds, '2x10/side'];
        yield ['all-fours/opposite-short', Answer::ShortRepeatedHolds, '2x5/side'];
        yield ['all-fours/brace-breathe', Answer::ShortRepeatedHolds, '1x(10x3s/2)'];
        yield ['bridge/long-top', Answer::ShortRepeatedHolds, '2x8 2-0-2-10'];
        yield ['carry/one-side-heavy', Answer::ShortRepeatedHolds, '3x30m/side'];
        yield ['head-lift/elbows-up', Answer::ShortRepeatedHolds, '3x3s'];
        yield ['head-lift/long-holds', Answer::ShortRepeatedHolds, '(5-4-3x8s/5)'];
        yield ['activation/brace-all-round', Answer::ShortRepeatedHolds, '1x60s'];
        yield 'anti-rotation for strength' => ['floor-anti-rotation/drag', Answer::ShortRepeatedHolds, '3x10/side'];
        yield 'a chop' => ['standing-turn/standing-lift', Answer::ShortRepeatedHolds, '3x10/side'];
        yield 'small muscles' => ['shoulder-girdle/prone-y', Answer::ShortRepeatedHolds, '2x30'];
    }

    #[DataProvider('defaults')]
    public function test_the_default_dose_follows_level_and_method(string $rung, Answer $strategy, string $dose): void
    {
        $method = Method::default()->with($strategy);

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
        $circumstances = new Circumstances([State::ShoulderPain->limit(Side::Left)], Kit::cases(), Method::default());
        $ruling = $circumstances->rule(ShippedLibrary::rung('side-bridge/knees-bent'));

        self::assertFalse($ruling->openOn(Side::Left));
        self::assertTrue($ruling->openOn(Side::Right));
        self::assertFalse($circumstances->rule(ShippedLibrary::rung('front-plank/forearms-toes'))->openSomewhere(), 'both arms carry in the front plank');
    }

    public function test_missing_kit_rules_a_rung_out_by_name(): void
    {
        $ruling = (new Circumstances([], [], Method::default()))->rule(ShippedLibrary::rung('all-fours/weighted'));

        self::assertStringContainsString('needs dumbbell and ankle weights', $ruling->reasons[0]->sentence);
    }

    public function test_the_substitute_is_the_nearest_open_rung_of_the_same_demand_and_not_higher(): void
    {
        $substitution = Substitution::for(ShippedLibrary::rung('front-plank/hands-toes'), ShippedLibrary::get(), $this->with([State::WristPain]));

        self::assertSame('dead-bug/ninety-both-arms', $substitution?->instead->slug);
        self::assertStringContainsString('Lost: 0.2 of height, the still hold', $substitution->reason->sentence);
    }

    public function test_where_nothing_fits_the_demand_stays_open(): void
    {
        $sore = new Circumstances([State::ShoulderPain->limit(Side::Both)], [], Method::default());

        self::assertNull(Substitution::for(ShippedLibrary::rung('carry/standing-hold'), ShippedLibrary::get(), $sore));
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
        $method = Method::default();

        self::assertSame('front-plank/forearms-toes', $ladder->above(ShippedLibrary::rung('front-plank/forearms-low-step'), $method)?->slug);
        self::assertSame('front-plank/forearms-toes', $ladder->above(ShippedLibrary::rung('front-plank/hands-toes'), $method)?->slug);
        self::assertSame('front-plank/forearms-low-step', $ladder->below(ShippedLibrary::rung('front-plank/hands-toes'), $method)?->slug);
        self::assertNull($ladder->below(ShippedLibrary::rung('front-plank/forearms-wall'), $method));
    }

    /** @return iterable<string, array{Answer, string, string|null}> answer, rung, next rung */
    public static function nextSteps(): iterable
    {
        yield 'movement follows the forearm plank' => [Answer::MovementOnForearms, 'front-plank/forearms-toes', 'front-plank/tight-plank'];
        yield 'hands follow the forearms' => [Answer::HandsAfterForearms, 'front-plank/forearms-toes', 'front-plank/hands-toes'];
        yield 'and after the hands the tight plank' => [Answer::HandsAfterForearms, 'front-plank/hands-toes', 'front-plank/tight-plank'];
        yield 'stacked feet are passed by' => [Answer::TopFootInFront, 'side-bridge/top-foot-front', 'side-bridge/hip-dips'];
        yield 'the foot in front is passed by' => [Answer::FeetStacked, 'side-bridge/top-leg-straight', 'side-bridge/feet-stacked'];
        yield 'by ability takes both' => [Answer::FeetByAbility, 'side-bridge/top-foot-front', 'side-bridge/feet-stacked'];
        yield 'the top has nothing above' => [Answer::FeetByAbility, 'side-bridge/long-lever', null];
    }

    #[DataProvider('nextSteps')]
    public function test_the_method_decides_which_rung_comes_next(Answer $answer, string $rung, ?string $next): void
    {
        $rung = ShippedLibrary::rung($rung);

        self::assertSame($next, ShippedLibrary::get()->ladder($rung->ladder)->above($rung, Method::default()->with($answer))?->slug);
    }

    /** @return iterable<string, array{Answer, list<string>, list<string>}> answer, offered, put away */
    public static function offers(): iterable
    {
        yield 'resist only' => [Answer::ResistOnly, ['prone-extension/edge-hold', 'head-lift/both-hands'], ['all-fours/elbow-to-knee', 'trunk-flexion/curl-up', 'prone-extension/chest-lift']];
        yield 'extension lifts too' => [Answer::ExtensionLiftsToo, ['prone-extension/chest-lift'], ['trunk-flexion/curl-up', 'all-fours/elbow-to-knee']];
        yield 'everything trained' => [Answer::TrainedMovementToo, ['trunk-flexion/hanging-side', 'all-fours/elbow-to-knee', 'prone-extension/bench-45'], []];
        yield 'a bracing school' => [Answer::BraceAllRound, ['activation/brace-all-round'], ['activation/navel-draw-in']];
        yield 'a drawing-in school' => [Answer::NavelIn, ['activation/navel-draw-in'], ['activation/brace-all-round']];
    }

    /**
     * @param list<string> $offered
     * @param list<string> $putAway
     */
    #[DataProvider('offers')]
    public function test_the_method_decides_what_the_board_offers(Answer $answer, array $offered, array $putAway): void
    {
        $circumstances = new Circumstances([], Kit::cases(), Method::default()->with($answer));
        foreach ([...$offered, ...$putAway] as $rung) {
            $ruling = $circumstances->rule(ShippedLibrary::rung($rung));
            self::assertSame(in_array($rung, $offered, true), $ruling->openSomewhere(), $rung);
            self::assertSame(! $ruling->openSomewhere(), $ruling->putAway, $rung);
            self::assertSame($ruling->openSomewhere() ? [] : ["“{$ruling->rung->name}” is put away by the method: {$answer->question()->label()}, “{$answer->label()}”."], array_map(static fn($reason): string => $reason->sentence, $ruling->reasons));
        }
    }

    public function test_cues_speak_of_the_trunk_in_the_words_of_the_method(): void
    {
        $rung = ShippedLibrary::rung('leg-slide/flat-slide');

        self::assertContains('Brace all round as if to be poked.', $rung->cues(new Circumstances([], [], Method::default())));
        self::assertContains('Draw the navel gently in.', $rung->cues(new Circumstances([], [], Method::default()->with(Answer::NavelIn))));
    }

    public function test_a_band_a_cable_or_a_partner_does_for_a_press_out(): void
    {
        $rung = ShippedLibrary::rung('press-out/standing');
        foreach ([Kit::Band, Kit::Cable, Kit::Partner] as $one) {
            self::assertTrue((new Circumstances([], [$one], Method::default()))->rule($rung)->openSomewhere());
        }
        $without = (new Circumstances([], [Kit::Mat], Method::default()))->rule($rung);

        self::assertSame('“Press-out, standing” needs band and anchor, cable or partner as resistance: none at hand.', $without->reasons[0]->sentence);
    }

    public function test_a_ladder_whose_rungs_fall_is_refused(): void
    {
        $rung = ['name' => 'A rung', 'short' => 'rung', 'position' => 'standing', 'moves' => 'static', 'sided' => 'both', 'kit' => [], ...self::PLAIN];
        $this->expectException(InvalidLadder::class);
        $this->expectExceptionMessage('stands lower than the rung before it');

        LadderReader::readWhole(['slug' => 'odd', 'name' => 'Odd', 'short' => 'odd', 'demand' => 'anti-extension', 'rungs' => [
            [...$rung, 'slug' => 'high', 'height' => 40], [...$rung, 'slug' => 'low', 'height' => 30],
        ]], Stances::none());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function brokenFields(): iterable
    {
        yield 'a position nobody knows' => [['position' => 'floating'], 'odd, rung a'];
        yield 'a height off the scale' => [['height' => 400], 'A height goes from 1.0 to 10.0'];
        yield 'a load above its highest' => [['loads' => ['kneeling' => 2]], 'goes from 0 to 1'];
        yield 'a tempo of three parts' => [['tempo' => '2-0-2'], 'has four parts'];
        yield 'text where a number belongs' => [['height' => '30'], '“height” is not a whole number'];
        yield 'a pose nobody drew' => [['figure' => ['start' => 'flying']], 'no pose named “flying”'];
        yield 'more angles than a joint has' => [['figure' => ['start' => ['knee' => [10, 20]]]], '“knee” takes at most 1 number.'];
        yield 'an angle as text' => [['figure' => ['start' => ['knee' => 'bent']]], '“knee” takes numbers from −360 to 360.'];
        yield 'a joint that nobody has' => [['figure' => ['start' => ['tail' => 10]]], 'A pose has no “tail”.'];
        yield 'a place that nothing can carry' => [['figure' => ['start' => ['on' => 'nose']]], 'no place “nose”'];
        yield 'kit that is not there' => [['figure' => ['start' => ['on' => ['bench' => 'seats']]]], 'carried by “bench”, which is not among the kit'];
        yield 'a load of nothing' => [['figure' => ['start' => ['on' => 'feet'], 'kit' => [['kettlebell' => 'left-hand', 'kg' => 0]]]], 'A load is from 0.1 to 300.'];
        yield 'a load of a horse' => [['figure' => ['start' => ['on' => 'feet'], 'kit' => [['kettlebell' => 'left-hand', 'kg' => 900]]]], 'A load is from 0.1 to 300.'];
        yield 'a band that leads nowhere' => [['figure' => ['start' => ['on' => 'feet'], 'kit' => [['band' => 'hands']]]], 'A band needs the place “to” which it pulls.'];
        yield 'a choice no method has' => [['offered_with' => ['question' => 'movements-allowed', 'choices' => ['all of it']]], 'is not a choice'];
        yield 'repetitions without a band' => [['dose' => 'controlled-reps'], 'repetitions need a band'];
        yield 'a missing name' => [['name' => null], '“name” is missing'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('brokenFields')]
    public function test_a_broken_rung_is_refused_with_its_place(array $change, string $says): void
    {
        $rung = ['slug' => 'a', 'name' => 'A rung', 'short' => 'rung', 'height' => 30, 'position' => 'standing', 'moves' => 'static', 'sided' => 'both', 'kit' => [], ...self::PLAIN];
        $this->expectExceptionMessage($says);

        LadderReader::readWhole(['slug' => 'odd', 'name' => 'Odd', 'short' => 'odd', 'demand' => 'anti-extension', 'rungs' => [[...$rung, ...$change]]], Stances::none());
    }

    /** @param list<State> $states */
    private function with(array $states): Circumstances
    {
        return new Circumstances(array_map(static fn(State $state) => $state->limit(Side::Both), $states), Kit::cases(), Method::default());
    }
}
