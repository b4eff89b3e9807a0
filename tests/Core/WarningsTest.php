<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Warning;
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
        self::assertSame([], $this->about('all-fours/leg-held', '2x10s/side', working: 'all-fours/leg-lift'), 'what is held may stand in for what moves');
        self::assertStringContainsString('0.2 above the working rung', $this->about('all-fours/leg-lift', '2x6/side', working: 'all-fours/leg-held')[0]->sentence);
    }

    public function test_of_a_ladder_they_are_not_placed_on_what_is_above_the_demand_says_so_and_a_key_begins_with_care(): void
    {
        $circumstances = new Circumstances([], Kit::cases(), Method::default());
        $about = static fn(string $slug, string $line): array => Warnings::knowing($circumstances, ['carry' => ShippedLibrary::rung('carry/one-side-light')], [], ShippedLibrary::get())->about(ShippedLibrary::item($slug, $line));
        [$warning] = $about('side-bridge/leg-swing', '2x6/side');

        self::assertSame('“Side bridge with a slow leg swing” stands 3.0 above “One-side carry, up to 20 % of body weight”, the highest for the same demand, and they are not placed on its ladder.', $warning->reason->sentence);
        self::assertSame('side-bridge/knees-bent', $warning->repair?->edits[0]->rung?->slug);
        self::assertSame([], $about('side-bridge/top-foot-front', '2x20s/side'), 'as high as they stand is no word');
        self::assertSame([], $about('press-out/walking', '2x8/side'), 'of a demand they stand nowhere in there is nothing to compare with');
    }

    public function test_what_stands_in_for_a_closed_working_rung_is_not_called_too_low(): void
    {
        $closed = new Circumstances([State::WristPain->limit(Side::Both)], Kit::cases(), Method::default());
        $about = static fn(Circumstances $circumstances): array => Warnings::knowing($circumstances, ['all-fours' => ShippedLibrary::rung('all-fours/small-square'), 'front-plank' => ShippedLibrary::rung('front-plank/hands-toes')], [], ShippedLibrary::get())->about(ShippedLibrary::item('front-plank/forearms-knees', '2x20s'));

        self::assertNotSame([], $about(new Circumstances([], Kit::cases(), Method::default())));
        self::assertSame([], $about($closed));
    }

    /** A template of a first day back is low on purpose: that is said once, and each exercise needs no word. */
    public function test_a_session_that_is_easy_as_a_whole_is_said_to_be_once(): void
    {
        $stands = array_map(ShippedLibrary::rung(...), ['side-bridge' => 'side-bridge/top-foot-front', 'press-out' => 'press-out/standing', 'bridge' => 'bridge/one-leg']);
        $warnings = Warnings::knowing(new Circumstances([], Kit::cases(), Method::default()), $stands, [], ShippedLibrary::get());
        $session = static fn(string ...$rungs): Session => new Session(array_map(static fn(string $rung): StraightSets => new StraightSets(new Item($rung, ShippedLibrary::rung($rung), ShippedLibrary::rung($rung)->defaultDose(Method::default()))), array_values($rungs)));
        $said = static fn(Session $session): array => array_values(array_filter([...array_merge(...array_map($warnings->in($session)->about(...), $session->items())), ...$warnings->aboutAll($session)], static fn(Warning $warning): bool => $warning->reason->rule === Rule::WorkingRung));

        [$easy] = $said($low = $session('side-bridge/hip-lift', 'press-out/seated', 'bridge/touch'));
        self::assertCount(1, $said($low));
        self::assertStringStartsWith('An easy session: 3 exercises stand below', $easy->reason->sentence);
        self::assertSame(array_column($stands, 'slug'), array_map(static fn(Item $item): string => $item->rung->slug, $easy->repair?->appliedTo($low)?->items() ?? []));
        self::assertStringContainsString('below the working rung', $said($session('side-bridge/hip-lift', 'press-out/seated', 'bridge/one-leg'))[0]->reason->sentence, 'beside one that is not, a low one may be an oversight');
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

    /** By the clock both sides are inside the station: of 45 s each has 20, and of 20 s seven. */
    public function test_of_a_station_by_the_clock_each_sides_part_is_the_hold(): void
    {
        $warning = $this->about('side-bridge/top-leg-lifted', '2x45s on', states: [State::RaisedPressure])[0];

        self::assertStringContainsString('this one is 20 s', $warning->sentence);
        self::assertSame('Write 2x(2x10s/5)/side', $this->warnings([State::RaisedPressure])->about(ShippedLibrary::item('side-bridge/top-leg-lifted', '2x45s on'))[0]->repair?->label);
        self::assertSame([], $this->about('side-bridge/top-leg-lifted', '2x20s on', states: [State::RaisedPressure]));
    }

    public function test_in_pregnancy_a_set_on_the_back_is_at_most_two_minutes_at_a_time(): void
    {
        // Lifts of 2-0-2-10 take 14 s each.
        self::assertSame([], $this->about('bridge/long-top', '2x8', states: [State::Pregnancy]));
        self::assertStringContainsString('at most 120 s at a time on the back; a set is 126 s', $this->about('bridge/long-top', '2x9', states: [State::Pregnancy])[0]->sentence);
    }

    public function test_with_doming_as_a_fault_front_work_from_the_toes_up_says_so(): void
    {
        foreach ([State::AbdominalSeparation, State::Hernia] as $state) {
            self::assertStringContainsString('only while the belly stays flat', $this->about('front-plank/forearms-toes', '2x10s', states: [$state])[0]->sentence);
            self::assertSame([], $this->about('front-plank/forearms-knees', '2x10s', states: [$state]));
            self::assertSame([], $this->about('press-out/overhead', '2x10/side', states: [$state]), 'other demands are not meant');
        }
    }

    public function test_with_hamstring_cramp_a_hip_hold_over_five_seconds_is_a_warning(): void
    {
        self::assertSame([], $this->about('front-plank/forearms-toes', '2x10s', states: [State::HamstringCramp]));
        self::assertSame([], $this->about('bridge/short-top', '2x8', states: [State::HamstringCramp]), 'two seconds at the top');
        self::assertStringContainsString('no hold over 5 s in hip work; this one is 10 s', $this->about('bridge/long-top', '2x8', states: [State::HamstringCramp])[0]->sentence);
    }

    public function test_with_dizziness_positions_are_grouped(): void
    {
        $session = static fn(string ...$rungs): Session => new Session(array_map(static fn(string $rung): StraightSets => new StraightSets(ShippedLibrary::item($rung, str_starts_with($rung, 'press') || str_starts_with($rung, 'side') ? '2x10/side' : '2x10')), array_values($rungs)));
        $positions = fn(Session $written): array => array_values(array_filter(self::reasons($this->warnings([State::Dizziness])->aboutAll($written)), static fn(Reason $reason): bool => $reason->rule === Rule::LimitCaution));

        self::assertStringContainsString('changes 2 times; grouped by position 1 would do', $positions($session('press-out/standing', 'bridge/touch', 'press-out/split-stance'))[0]->sentence);
        self::assertSame([], $positions($session('press-out/standing', 'press-out/split-stance', 'bridge/touch')));
    }

    public function test_a_gap_in_a_circuit_as_long_as_the_change_over_is_long_enough(): void
    {
        $stations = [ShippedLibrary::item('front-plank/forearms-toes', '2x20s'), ShippedLibrary::item('side-bridge/knees-bent', '2x15s/side')];
        $rules = fn(int $gap): array => array_map(static fn(Reason $reason): Rule => $reason->rule, self::reasons($this->warnings()->aboutAll(new Session([Circuit::evenly($stations, $gap, 30)]))));

        self::assertContains(Rule::CircuitChangeOver, $rules(19));
        self::assertNotContains(Rule::CircuitChangeOver, $rules(20));
    }

    public function test_each_demand_of_every_week_that_is_missing_is_named(): void
    {
        $session = new Session([new StraightSets(ShippedLibrary::item('press-out/standing', '2x10/side'))]);

        self::assertSame(['Front', 'Lateral', 'Posterior'], array_map(static fn(Reason $reason): string => explode(' ', $reason->sentence)[0], self::reasons($this->warnings()->aboutAll($session))));
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

        return self::reasons((Warnings::knowing(new Circumstances($limits, Kit::cases(), Method::default()), $here, $stopped, ShippedLibrary::get()))->about(ShippedLibrary::item($rung, $dose)));
    }

    /**
     * @param list<State>  $states
     * @param list<string> $working
     */
    private function warnings(array $states = [], array $working = []): Warnings
    {
        return Warnings::knowing(new Circumstances(array_map(static fn(State $state) => $state->limit(Side::Both), $states), Kit::cases(), Method::default()), self::working(...$working), [], ShippedLibrary::get());
    }

    /**
     * @param list<Warning> $warnings
     *
     * @return list<Reason>
     */
    private static function reasons(array $warnings): array
    {
        return array_map(static fn(Warning $warning): Reason => $warning->reason, $warnings);
    }

    /** @return array<string, Rung> */
    private static function working(string ...$rungs): array
    {
        $working = [];
        foreach ($rungs as $slug) {
            $rung = ShippedLibrary::rung($slug);
            $working[$rung->ladder] = $rung;
        }

        return $working;
    }
}
