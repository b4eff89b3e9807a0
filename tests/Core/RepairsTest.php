<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Block;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Warning;
use EvenRungs\Session\Warnings;
use PHPUnit\Framework\TestCase;

/** One key mends a warning: after its repair the session no longer has it. */
final class RepairsTest extends TestCase
{
    public function test_a_ruled_out_rung_is_swapped_for_the_nearest_that_is_open(): void
    {
        $repaired = $this->repair([$this->straight('front-plank/forearms-toes', '2x20s')], Rule::LimitRulesOut, [State::ShoulderPain]);

        self::assertSame('anti-extension', $repaired->items()[0]->rung->demand->value);
        self::assertNotSame('front-plank', $repaired->items()[0]->rung->ladder);
    }

    public function test_a_rung_without_its_kit_is_swapped(): void
    {
        $repaired = $this->repair([$this->straight('rollout/wheel-30', '2x6')], Rule::KitMissing, kit: [Kit::Mat]);

        self::assertSame([], $repaired->items()[0]->rung->kit);
    }

    public function test_where_nothing_of_the_demand_is_open_the_warning_has_no_key(): void
    {
        $method = Method::default()->with(Answer::ResistOnly);
        $rung = ShippedLibrary::rung('trunk-flexion/curl-up');
        $warnings = $this->warnings(new Session([new StraightSets(ShippedLibrary::item($rung->slug, DoseLine::print($rung->defaultDose($method))))]));

        // Nothing of the same demand is left to swap to: the warning stands without a key.
        self::assertSame(Rule::MethodPutsAway, $warnings[0]->reason->rule);
        self::assertNull($warnings[0]->repair);
    }

    public function test_a_rung_above_the_working_one_is_too_high_and_swapped_to_it(): void
    {
        $repaired = $this->repair([$this->straight('press-out/standing', '2x10/side')], Rule::WorkingRung, working: ['press-out/seated']);

        self::assertSame('press-out/seated', $repaired->items()[0]->rung->slug);
    }

    public function test_in_a_circuit_a_swap_keeps_work_by_the_clock_and_the_rounds(): void
    {
        $circuit = fn(string $dose): Circuit => Circuit::evenly([ShippedLibrary::item('press-out/standing', $dose, 'a'), ShippedLibrary::item('bridge/touch', '3x8', 'b')], 30, 60);
        $dose = fn(string $line): string => DoseLine::print($this->repair([$circuit($line)], Rule::WorkingRung, working: ['press-out/seated'])->items()[0]->dose);

        self::assertSame('3x40s on', $dose('3x40s on'));
        self::assertSame(3, DoseLine::parse($dose('3x6/side'), \EvenRungs\Body\Sidedness::OneSided)->sets());
    }

    public function test_a_stopped_ladder_is_taken_out(): void
    {
        $blocks = [$this->straight('press-out/standing', '2x10/side', 'a'), $this->straight('bridge/touch', '1x10', 'b')];
        $warnings = (Warnings::knowing($this->circumstances([]), [], ['press-out'], ShippedLibrary::get()))->about($blocks[0]->items()[0]);

        self::assertSame(['b'], array_map(static fn($item): string => $item->id, $warnings[0]->repair?->appliedTo(new Session($blocks))?->items() ?? []));
    }

    public function test_an_open_set_becomes_a_fixed_one(): void
    {
        self::assertSame('2x20', DoseLine::print($this->repair([$this->straight('front-plank/small-rock', '2xmax~20<=30')], Rule::OpenEstimate)->items()[0]->dose));
        self::assertSame('2x40s', DoseLine::print($this->repair([$this->straight('front-plank/forearms-toes', '2xmax~40s')], Rule::OpenEstimate)->items()[0]->dose));
    }

    public function test_a_hold_over_a_limit_is_cut_into_shorter_ones_of_the_same_work(): void
    {
        self::assertSame('2x(3x10s/5)', DoseLine::print($this->repair([$this->straight('front-plank/forearms-toes', '2x30s')], Rule::LimitCaution, [State::RaisedPressure])->items()[0]->dose));
        self::assertSame('1x(120s by 10s/30)', DoseLine::print($this->repair([$this->straight('front-plank/forearms-toes', '1x(120s by 45s/30)')], Rule::LimitCaution, [State::RaisedPressure])->items()[0]->dose));
        self::assertSame('2x8 2-0-2-5', DoseLine::print($this->repair([$this->straight('bridge/long-top', '2x8')], Rule::LimitCaution, [State::HamstringCramp])->items()[0]->dose));
    }

    public function test_a_set_on_the_back_over_two_minutes_in_pregnancy_gets_shorter(): void
    {
        self::assertSame('2x8', DoseLine::print($this->repair([$this->straight('bridge/long-top', '2x9')], Rule::LimitCaution, [State::Pregnancy])->items()[0]->dose));
    }

    public function test_where_doming_is_a_fault_a_lower_rung_is_offered(): void
    {
        $repaired = $this->repair([$this->straight('front-plank/forearms-toes', '2x10s')], Rule::LimitCaution, [State::Hernia]);

        self::assertLessThan(40, $repaired->items()[0]->rung->height->tenths);
    }

    public function test_activation_of_a_ladder_that_was_stopped_is_advised_and_not_put_in(): void
    {
        $session = new Session([$this->straight('prone-extension/one-leg', '2x6/side')]);
        $advice = static fn(string ...$stopped): array => array_values(array_filter(
            Warnings::knowing(new Circumstances([], Kit::cases(), Method::default(), unprepared: static fn(): Rung => ShippedLibrary::rung('activation/deep-back')), [], array_values($stopped), ShippedLibrary::get())->aboutAll($session),
            static fn(Warning $warning): bool => $warning->reason->rule === Rule::ActivationBefore,
        ));

        self::assertNotNull($advice()[0]->repair);
        self::assertNull($advice('activation')[0]->repair);
    }

    /** Of three that load the shoulder only two come apart: those that stay together have no key. */
    public function test_what_cannot_be_set_apart_has_no_key(): void
    {
        $stations = array_map(static fn(int $at, string $rung): Item => ShippedLibrary::item($rung, '2x8', "i{$at}"), [0, 1, 2, 3], ['bridge/touch', 'shoulder-girdle/push-away-plank', 'front-plank/body-saw', 'front-plank/small-rock']);
        $warnings = array_values(array_filter($this->warnings(new Session([Circuit::evenly($stations, 30, 60)])), static fn(Warning $warning): bool => $warning->reason->rule === Rule::Competing));

        self::assertSame([true, false], array_map(static fn(Warning $warning): bool => $warning->repair !== null, $warnings));
    }

    /** Whom changes of position make dizzy: grouping by position and setting apart would go round in a circle. */
    public function test_for_few_positions_stations_are_not_set_apart_by_another_position(): void
    {
        $stations = array_map(static fn(int $at, string $rung): Item => ShippedLibrary::item($rung, '2x8', "i{$at}"), [0, 1, 2], ['front-plank/small-rock', 'front-plank/body-saw', 'bridge/touch']);
        $keys = fn(State ...$states): array => array_map(static fn(Warning $warning): bool => $warning->repair !== null, array_values(array_filter(
            $this->warnings(new Session([Circuit::evenly($stations, 30, 60)]), array_values($states)),
            static fn(Warning $warning): bool => $warning->reason->rule === Rule::Competing,
        )));

        self::assertSame([[true], [false]], [$keys(), $keys(State::Dizziness)]);
    }

    /** The lower rung is there for the limit: asking for the working rung again would go round in a circle. */
    public function test_a_rung_that_is_lower_since_doming_is_watched_is_not_called_too_low(): void
    {
        $repaired = $this->repair([$this->straight('front-plank/forearms-toes', '2x10s')], Rule::LimitCaution, [State::Hernia], working: ['front-plank/forearms-toes']);
        $rules = fn(State ...$limits): array => array_map(static fn(Warning $warning): Rule => $warning->reason->rule, $this->warnings($repaired, array_values($limits), working: ['front-plank/forearms-toes']));

        self::assertNotContains(Rule::WorkingRung, $rules(State::Hernia));
        self::assertContains(Rule::WorkingRung, $rules(), 'without the limit nobody chose it for the belly');
    }

    public function test_an_open_set_of_a_held_rung_is_in_seconds_not_in_repetitions(): void
    {
        $line = fn(Rule $rule): string => DoseLine::print($this->repair([$this->straight('front-plank/forearms-toes', '2xmax~15<=20')], $rule)->items()[0]->dose);

        self::assertSame('2xmax~15s<=20s', $line(Rule::HeldNotRepeated));
        self::assertSame('2x15s', $line(Rule::OpenEstimate), 'and a fixed one is of seconds');
    }

    public function test_a_gap_shorter_than_the_change_over_becomes_as_long(): void
    {
        $circuit = Circuit::evenly([ShippedLibrary::item('front-plank/forearms-toes', '2x20s'), ShippedLibrary::item('side-bridge/knees-bent', '2x15s/side')], 5, 30);
        $repaired = $this->repair([$circuit], Rule::CircuitChangeOver);

        self::assertInstanceOf(Circuit::class, $repaired->blocks[0]);
        self::assertSame([20], $repaired->blocks[0]->gapSeconds);
    }

    public function test_two_stations_for_one_joint_are_set_apart_by_another(): void
    {
        $circuit = Circuit::evenly([
            ShippedLibrary::item('side-bridge/on-the-hand', '2x15s/side'), ShippedLibrary::item('shoulder-girdle/push-away-plank', '2x8'),
            ShippedLibrary::item('bridge/touch', '2x8'), ShippedLibrary::item('all-fours/brace-breathe', '2x(3x3s/2)'),
        ], 30, 60);
        $strong = array_map(static fn($item): int => $item->rung->loads->value(\EvenRungs\Body\Load::Shoulder), $circuit->stations);
        self::assertSame([2, 2], array_slice($strong, 0, 2), 'both load the shoulder strongly');

        $this->repair([$circuit], Rule::Competing);
    }

    public function test_a_watched_neck_is_not_loaded_twice_running(): void
    {
        $circuit = Circuit::evenly([ShippedLibrary::item('head-lift/both-hands', '2x(2x3s/3)'), ShippedLibrary::item('trunk-flexion/curl-up', '2x5'), ShippedLibrary::item('press-out/standing', '2x8/side')], 30, 60);

        self::assertContains(Rule::Competing, array_map(static fn(Warning $warning): Rule => $warning->reason->rule, $this->warnings(new Session([$circuit]), [State::NeckPain])));
    }

    public function test_two_carries_of_weights_share_the_grip(): void
    {
        $circuit = Circuit::evenly([ShippedLibrary::item('carry/one-side-light', '2x20m/side'), ShippedLibrary::item('carry/two-hand-carry', '2x20m'), ShippedLibrary::item('bridge/touch', '2x8')], 60, 60);

        self::assertStringContainsString('both load the grip', implode(' ', array_map(static fn(Warning $warning): string => $warning->reason->sentence, $this->warnings(new Session([$circuit])))));
        $this->repair([$circuit], Rule::Competing);
    }

    public function test_a_demand_that_is_missing_is_added_with_the_working_rung(): void
    {
        $repaired = $this->repair([$this->straight('front-plank/forearms-toes', '2x20s'), $this->straight('side-bridge/knees-bent', '2x15s/side'), $this->straight('all-fours/leg-lift', '2x8/side')], Rule::WorkShares, working: ['press-out/standing']);

        self::assertSame('press-out/standing', $repaired->items()[3]->rung->slug);
    }

    public function test_a_primer_is_two_lower_than_the_working_rung_or_the_lowest_at_half_dose(): void
    {
        $hard = new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '2x20s'), Part::Primer);
        $repaired = $this->repair([$hard], Rule::Primer, working: ['front-plank/foot-lift']);
        self::assertGreaterThanOrEqual(20, ShippedLibrary::rung('front-plank/foot-lift')->height->above($repaired->items()[0]->rung->height));

        $lowest = $this->repair([new StraightSets(ShippedLibrary::item('front-plank/forearms-knees', '3x(4x10s/5)'), Part::Primer)], Rule::Primer, working: ['front-plank/forearms-knees']);
        self::assertSame('front-plank/forearms-wall', $lowest->items()[0]->rung->slug);
        self::assertLessThan(3, $lowest->items()[0]->dose->sets());
    }

    public function test_an_open_set_of_a_primer_that_is_low_enough_becomes_half_a_dose_of_the_same_rung(): void
    {
        $repaired = $this->repair([new StraightSets(ShippedLibrary::item('front-plank/forearms-low-step', '2xmax~30s'), Part::Primer)], Rule::Primer, working: ['front-plank/opposite-arm-leg']);

        self::assertSame(['front-plank/forearms-low-step', '1x(4x10s/5)'], [$repaired->items()[0]->rung->slug, DoseLine::print($repaired->items()[0]->dose)]);
    }

    public function test_a_primer_over_eight_minutes_says_so(): void
    {
        $long = new Session([new StraightSets(ShippedLibrary::item('bridge/touch', '5x30 2-0-2-0 r60'), Part::Primer)]);

        $warning = $this->warnings($long)[0];

        self::assertStringContainsString('5 to 8 minutes are enough', $warning->reason->sentence);
        self::assertSame(4, $warning->repair?->appliedTo($long)?->items()[0]->dose->sets());
        $one = new Session([new StraightSets(ShippedLibrary::item('bridge/touch', '1x150 2-0-2-0', 'a'), Part::Primer), new StraightSets(ShippedLibrary::item('bridge/touch', '1x10', 'b'))]);
        self::assertSame(['b'], array_map(static fn($item): string => $item->id, $this->warnings($one)[0]->repair?->appliedTo($one)?->items() ?? []), 'one set: the exercise goes');
    }

    public function test_no_repair_ever_leaves_the_warning_it_was_offered_for(): void
    {
        mt_srand(7);
        $offered = 0;
        for ($round = 0; $round < 150; $round++) {
            $session = RandomSession::make(3);
            $states = array_filter(State::cases(), static fn(): bool => mt_rand(0, 5) === 0);
            foreach ($this->warnings($session, array_values($states), [Kit::Mat, Kit::Band, Kit::Bench]) as $warning) {
                // A set less of a primer may not be enough: that one is shown above.
                if ($warning->repair === null || str_starts_with($warning->reason->sentence, 'The primer takes')) {
                    continue;
                }
                $offered++;
                $after = $warning->repair->appliedTo($session);
                $sentences = $after === null ? [] : array_map(static fn(Warning $left): string => $left->reason->sentence, $this->warnings($after, array_values($states), [Kit::Mat, Kit::Band, Kit::Bench]));
                $before = array_count_values(array_map(static fn(Warning $left): string => $left->reason->sentence, $this->warnings($session, array_values($states), [Kit::Mat, Kit::Band, Kit::Bench])));
                self::assertLessThan($before[$warning->reason->sentence], array_count_values($sentences)[$warning->reason->sentence] ?? 0, $warning->reason->sentence.' / '.$warning->repair->label);
            }
        }
        self::assertGreaterThan(100, $offered);
    }

    /** No repair undoes another: whoever presses the first key that is offered, again and again, comes to the end of them. */
    public function test_one_key_after_another_comes_to_an_end(): void
    {
        mt_srand(11);
        $working = ['front-plank/forearms-toes', 'dead-bug/ninety-both-arms', 'side-bridge/hip-dips', 'press-out/standing', 'bridge/one-leg'];
        $longest = 0;
        for ($round = 0; $round < 60; $round++) {
            $states = array_values(array_filter([State::Hernia, State::Dizziness, State::RaisedPressure], static fn(): bool => mt_rand(0, 1) === 0));
            $keys = fn(Session $session): array => array_values(array_filter($this->warnings($session, $states, [Kit::Mat, Kit::Band, Kit::Bench], $working), static fn(Warning $warning): bool => $warning->repair !== null));
            $plank = ['front-plank/forearms-low-step', 'front-plank/forearms-toes', 'dead-bug/ninety-hold'][mt_rand(0, 2)];
            $session = new Session([new StraightSets(ShippedLibrary::item($plank, '2x10s', 'plank')), ...array_filter(RandomSession::make(4)->blocks, static fn(Block $block): bool => $block->part() === Part::Main)]);
            for ($pressed = 0; $session !== null && ($here = $keys($session)) !== [] && $pressed < 60; $pressed++) {
                $session = $this->added($here[0], $session, $pressed);
            }
            self::assertLessThan(60, $pressed, $here[0]->reason->sentence ?? '');
            $longest = max($longest, $pressed);
        }
        self::assertGreaterThan(8, $longest);
    }

    /** As a composer does it: what is added has a name of its own. */
    private function added(Warning $warning, Session $session, int $number): ?Session
    {
        $after = $session;
        foreach ($warning->repair->edits ?? [] as $edit) {
            $after = $after === null ? null : $edit->appliedTo($after, "added-{$number}");
        }

        return $after;
    }

    /**
     * @param non-empty-list<Block> $blocks
     * @param list<State>           $states
     * @param list<Kit>|null        $kit
     * @param list<string>          $working
     */
    private function repair(array $blocks, Rule $rule, array $states = [], ?array $kit = null, array $working = []): Session
    {
        $of = fn(Session $session): array => array_values(array_filter($this->warnings($session, $states, $kit, $working), static fn(Warning $warning): bool => $warning->reason->rule === $rule));
        $session = new Session($blocks);
        $warnings = $of($session);
        self::assertNotSame([], $warnings, 'the warning is there');
        $withKey = array_values(array_filter($warnings, static fn(Warning $warning): bool => $warning->repair !== null));
        self::assertNotSame([], $withKey, $warnings[0]->reason->sentence);
        $repaired = $withKey[0]->repair?->appliedTo($session);
        self::assertNotNull($repaired);
        self::assertCount(count($warnings) - 1, $of($repaired), $withKey[0]->repair->label ?? '');

        return $repaired;
    }

    /**
     * @param list<State>    $states
     * @param list<Kit>|null $kit
     * @param list<string>   $working
     *
     * @return list<Warning>
     */
    private function warnings(Session $session, array $states = [], ?array $kit = null, array $working = []): array
    {
        $here = [];
        foreach ($working as $slug) {
            $here[(string) strstr($slug, '/', true)] = ShippedLibrary::rung($slug);
        }
        $warnings = Warnings::knowing($this->circumstances($states, $kit), $here, [], ShippedLibrary::get())->in($session);
        $all = [];
        foreach ($session->blocks as $block) {
            foreach ($block->items() as $item) {
                array_push($all, ...$warnings->about($item, $block->part(), $block instanceof Circuit));
            }
        }

        return [...$all, ...$warnings->aboutAll($session)];
    }

    /**
     * @param list<State>    $states
     * @param list<Kit>|null $kit
     */
    private function circumstances(array $states, ?array $kit = null): Circumstances
    {
        return new Circumstances(array_map(static fn(State $state) => $state->limit(Side::Both), $states), $kit ?? Kit::cases(), Method::default());
    }

    private function straight(string $rung, string $dose, string $id = ''): StraightSets
    {
        return new StraightSets(ShippedLibrary::item($rung, $dose, $id));
    }
}
