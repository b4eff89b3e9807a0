<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Warnings;
use PHPUnit\Framework\TestCase;

/** What the trainer is told about a session before it is used. */
final class WarningsTest extends TestCase
{
    public function test_an_exercise_on_its_working_rung_needs_no_word(): void
    {
        self::assertSame([], $this->about('press-out/standing', '2x10/side', working: 'press-out/standing'));
        self::assertSame([], $this->about('press-out/standing', '2x10/side'), 'not placed yet: nothing to compare with');
    }

    public function test_a_rung_off_the_working_one_says_how_far_above_or_below(): void
    {
        self::assertStringContainsString('0.6 above the working rung', $this->about('press-out/standing', '2x10/side', working: 'press-out/standing-short')[0]->sentence);
        self::assertStringContainsString('0.2 below the working rung', $this->about('press-out/standing', '2x10/side', working: 'press-out/split-stance')[0]->sentence);
    }

    public function test_an_open_set_says_that_the_clock_uses_its_estimate(): void
    {
        $warning = $this->about('front-plank/small-rock', 'max~20<=30')[0];

        self::assertSame(Rule::OpenEstimate, $warning->rule);
        self::assertSame('An open set: the clock counts the estimate of 20, the cap is 30.', $warning->sentence);
    }

    public function test_a_stopped_ladder_is_named_before_anything_is_trained_on_it(): void
    {
        self::assertStringContainsString('stopped after pain', $this->about('press-out/standing', '2x10/side', stopped: ['press-out'])[0]->sentence);
    }

    public function test_with_raised_pressure_a_hold_over_ten_seconds_is_a_warning_and_ten_is_not(): void
    {
        self::assertSame([], $this->about('front-plank/forearms-toes', '3x(4x10s/5)', states: [State::RaisedPressure]));
        self::assertSame(Rule::LimitCaution, $this->about('front-plank/forearms-toes', '2x11s', states: [State::RaisedPressure])[0]->rule);
    }

    public function test_a_gap_in_a_circuit_as_long_as_the_change_over_is_long_enough(): void
    {
        $stations = [ShippedLibrary::item('front-plank/forearms-toes', '2x20s'), ShippedLibrary::item('side-bridge/knees-bent', '2x15s/side')];
        $rules = fn(int $gap): array => array_map(static fn(Reason $reason): Rule => $reason->rule, $this->warnings()->aboutAll(new Session([Circuit::evenly($stations, $gap, 30)])));

        self::assertContains(Rule::CircuitChangeOver, $rules(19));
        self::assertNotContains(Rule::CircuitChangeOver, $rules(20));
    }

    public function test_each_demand_of_every_week_that_is_missing_is_named(): void
    {
        $session = new Session([new StraightSets(ShippedLibrary::item('press-out/standing', '2x10/side'))]);

        self::assertSame(['Front', 'Lateral', 'Posterior'], array_map(static fn(Reason $reason): string => explode(' ', $reason->sentence)[0], $this->warnings()->aboutAll($session)));
    }

    /**
     * @param list<string> $stopped
     * @param list<State>  $states
     *
     * @return list<Reason>
     */
    private function about(string $rung, string $dose, ?string $working = null, array $stopped = [], array $states = []): array
    {
        $here = $working === null ? [] : [explode('/', $working)[0] => ShippedLibrary::rung($working)];
        $limits = array_map(static fn(State $state) => $state->limit(Side::Both), $states);

        return (new Warnings(new Circumstances($limits, Kit::cases(), Method::default()), $here, $stopped))->about(ShippedLibrary::item($rung, $dose));
    }

    private function warnings(): Warnings
    {
        return new Warnings(new Circumstances([], Kit::cases(), Method::default()), [], []);
    }
}
