<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\Braced;
use EvenRungs\Assessment\Climbed;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\Start;
use EvenRungs\Assessment\Starts;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From measurements to a first rung on every ladder. */
final class StartsTest extends TestCase
{
    /** @return iterable<string, array{int|null, int|null, string, list<Answer>}> toes, knees, rung, method (common practice) */
    public static function planks(): iterable
    {
        yield 'knees under 15 s: bench' => [null, 14, 'forearms-bench', []];
        yield 'knees 15 s: there' => [null, 15, 'forearms-knees', []];
        yield 'toes under 15 s: knees' => [14, null, 'forearms-knees', []];
        yield 'toes under 15 s, short bouts on the toes' => [14, null, 'forearms-toes', [Answer::ShortBoutsOnToes]];
        yield 'toes under 15 s and knees too: bench' => [8, 12, 'forearms-bench', []];
        yield '15 s: the full version' => [15, null, 'forearms-toes', []];
        yield '29 s: the full version' => [29, null, 'forearms-toes', []];
        yield '30 s: on' => [30, null, 'tight-plank', []];
        yield '30 s, hands after forearms' => [30, null, 'hands-toes', [Answer::HandsAfterForearms]];
        yield '30 s, the method holds long' => [30, null, 'forearms-toes', [Answer::LongHolds]];
        yield '120 s, as long as it holds' => [120, null, 'tight-plank', [Answer::LongHolds]];
        yield 'a minute with the knees down: on' => [null, 60, 'forearms-low-step', []];
        yield 'toes under 15 s, a minute with the knees down' => [12, 65, 'forearms-low-step', []];
    }

    /** @param list<Answer> $method */
    #[DataProvider('planks')]
    public function test_the_front_plank_starts_where_its_hold_says(?int $toes, ?int $knees, string $rung, array $method): void
    {
        $chosen = Method::default();
        foreach ($method as $answer) {
            $chosen = $chosen->with($answer);
        }
        $holds = [];
        foreach ([[HoldKind::FrontPlank, $toes], [HoldKind::FrontPlankKnees, $knees]] as [$kind, $seconds]) {
            $holds = $seconds === null ? $holds : [...$holds, self::hold($kind, Side::Both, $seconds)];
        }

        self::assertSame("front-plank/{$rung}", $this->on('front-plank', $this->propose($holds, [], method: $chosen))->rung->slug);
    }

    public function test_without_the_bench_at_hand_the_wall_takes_its_place(): void
    {
        $starts = $this->propose([self::hold(HoldKind::FrontPlankKnees, Side::Both, 9)], [], kit: [Kit::Wall]);

        self::assertSame('front-plank/forearms-wall', $this->on('front-plank', $starts)->rung->slug);
    }

    public function test_nothing_tested_proposes_nothing(): void
    {
        self::assertSame([], $this->propose([], []));
    }

    public function test_nobody_is_put_by_a_guess_on_a_ladder_that_begins_above_all_they_were_tested_on(): void
    {
        // Weakest height tested: 3.0. The standing turn begins at 4.6, the rollout at 5.8.
        $starts = $this->propose([self::hold(HoldKind::FrontPlankKnees, Side::Both, 40)], []);
        $ladders = array_map(static fn(Start $start): string => $start->rung->ladder, $starts);

        self::assertSame([], array_intersect(['standing-turn', 'rollout'], $ladders));
        self::assertContains('press-out', $ladders);
        self::assertContains('standing-turn', array_map(static fn(Start $start): string => $start->rung->ladder, $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 60)], [])));
    }

    public function test_a_clean_hold_leads_over_no_rung_that_a_limit_rules_out(): void
    {
        // The tight plank holds the breath; the rock above it is no way round.
        $start = $this->on('front-plank', $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 45)], [], [State::RaisedPressure]));

        self::assertSame('front-plank/forearms-toes', $start->rung->slug);
        self::assertStringContainsString('the next rung is not open', $start->reasons[0]->sentence);
    }

    public function test_the_weakest_comes_first_and_every_open_ladder_that_begins_no_higher_gets_a_start(): void
    {
        $starts = $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 20)], []);
        $heights = array_map(static fn(Start $start): int => $start->rung->height->tenths, $starts);
        $sorted = $heights;
        sort($sorted);

        self::assertSame($sorted, $heights);
        self::assertGreaterThanOrEqual(14, count(array_unique(array_map(static fn(Start $start): string => $start->rung->ladder, $starts))));
        self::assertSame(Rule::PlacingFromHeight, $this->on('press-out', $starts)->reasons[0]->rule);
        self::assertLessThanOrEqual(30, $this->on('press-out', $starts)->rung->height->tenths, 'a full step below the plank’s 4.0');
    }

    public function test_a_climb_test_goes_before_a_hold(): void
    {
        $climbed = new Climbed('front-plank', ShippedLibrary::rung('front-plank/forearms-low-step'), Side::Both, 'The last clean rung.', Day::parse('2026-06-01'), 2);

        self::assertSame('front-plank/forearms-low-step', $this->on('front-plank', $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 90)], [$climbed]))->rung->slug);
    }

    public function test_a_hold_of_a_later_day_goes_before_the_climb_test_and_before_the_other_version_of_the_plank(): void
    {
        $climbed = new Climbed('front-plank', ShippedLibrary::rung('front-plank/foot-lift'), Side::Both, 'Clean up to the foot lift.', Day::parse('2026-06-01'), 1);
        $on = fn(?Climbed $climb, Hold ...$holds): string => $this->on('front-plank', $this->propose(array_values($holds), $climb === null ? [] : [$climb]))->rung->slug;

        self::assertSame('front-plank/foot-lift', $on($climbed, self::hold(HoldKind::FrontPlank, Side::Both, 20, 2)), 'of one day the climb counts, whichever came first');
        self::assertSame('front-plank/forearms-toes', $on($climbed, self::hold(HoldKind::FrontPlank, Side::Both, 20, 2, '2026-07-13')));
        self::assertSame('front-plank/forearms-knees', $on(null, self::hold(HoldKind::FrontPlank, Side::Both, 40), self::hold(HoldKind::FrontPlankKnees, Side::Both, 40, 2, '2026-07-13')));
        self::assertSame('front-plank/tight-plank', $on(null, self::hold(HoldKind::FrontPlankKnees, Side::Both, 40), self::hold(HoldKind::FrontPlank, Side::Both, 40, 2, '2026-07-13')));
    }

    public function test_a_hold_says_nothing_above_the_last_rung_it_leads_to(): void
    {
        $isMost = fn(HoldKind $kind, Side $side, int $seconds, string $ladder, Answer ...$method): bool => $this->on($ladder, $this->propose([self::hold($kind, $side, $seconds)], [], method: array_reduce($method, static fn(Method $all, Answer $one): Method => $all->with($one), Method::default())))->isAtLeast;

        self::assertTrue($isMost(HoldKind::FrontPlank, Side::Both, 90, 'front-plank'));
        self::assertFalse($isMost(HoldKind::FrontPlank, Side::Both, 20, 'front-plank'), 'fifteen seconds are a rung of their own');
        self::assertFalse($isMost(HoldKind::FrontPlank, Side::Both, 40, 'front-plank', Answer::LongHolds));
        self::assertTrue($isMost(HoldKind::BackExtensor, Side::Both, 61, 'prone-extension'));
        self::assertFalse($isMost(HoldKind::BackExtensor, Side::Both, 59, 'prone-extension'));
        self::assertFalse($this->on('front-plank', Starts::propose(ShippedLibrary::get(), $this->able(), [self::hold(HoldKind::FrontPlank, Side::Both, 90)], [], new Braced(BraceCheck::timed(20), 2)))->isAtLeast, 'a brace that tired leads down');
    }

    public function test_a_test_of_one_side_is_not_told_with_the_guess_of_the_other(): void
    {
        // A carry of 5.0 makes the guess for the right the rung on which the left was tested, 4.0.
        $carry = new Climbed('carry', ShippedLibrary::rung('carry/one-side-heavy'), Side::Both, 'The highest.', Day::parse('2026-06-01'), 1);
        $starts = array_values(array_filter($this->propose([self::hold(HoldKind::SidePlank, Side::Left, 22)], [$carry]), static fn(Start $start): bool => $start->rung->ladder === 'side-bridge'));

        self::assertSame([['side-bridge/top-foot-front', 'left', true], ['side-bridge/top-foot-front', 'right', false]], array_map(static fn(Start $start): array => [$start->rung->slug, $start->side->value, $start->testedAt !== null], $starts));
    }

    public function test_a_ladder_on_which_not_even_the_lowest_rung_was_clean_gets_no_start(): void
    {
        $starts = $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 20)], [new Climbed('press-out', null, Side::Both, 'Not even the lowest.', Day::parse('2026-06-01'), 2)]);

        self::assertSame([], array_filter($starts, static fn(Start $start): bool => $start->rung->ladder === 'press-out'));
    }

    public function test_left_and_right_start_apart_where_their_holds_differ(): void
    {
        $starts = array_values(array_filter(
            $this->propose([self::hold(HoldKind::SidePlank, Side::Left, 22), self::hold(HoldKind::SidePlank, Side::Right, 9)], []),
            static fn(Start $start): bool => $start->rung->ladder === 'side-bridge',
        ));

        self::assertSame([['side-bridge/knees-bent', 'right'], ['side-bridge/top-foot-front', 'left']], array_map(static fn(Start $start): array => [$start->rung->slug, $start->side->value], $starts));
    }

    public function test_a_limit_moves_the_start_down_to_an_open_rung_and_says_why(): void
    {
        $start = $this->on('front-plank', $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 12)], [], [State::KneelingPain]));

        self::assertSame('front-plank/forearms-bench', $start->rung->slug);
        self::assertSame([Rule::PlacingFromPlank, Rule::LimitRulesOut], array_map(static fn($reason): Rule => $reason->rule, $start->reasons));
    }

    public function test_pelvic_floor_trouble_starts_a_rung_lower_everywhere_and_cramp_only_at_the_hip(): void
    {
        $holds = [self::hold(HoldKind::FrontPlank, Side::Both, 20), self::hold(HoldKind::OneLegBridge, Side::Left, 40), self::hold(HoldKind::OneLegBridge, Side::Right, 40)];

        self::assertSame('front-plank/forearms-low-step', $this->on('front-plank', $this->propose($holds, [], [State::PelvicFloor]))->rung->slug);
        $cramp = $this->propose($holds, [], [State::HamstringCramp]);
        self::assertSame('front-plank/forearms-toes', $this->on('front-plank', $cramp)->rung->slug);
        self::assertSame('bridge/march', $this->on('bridge', $cramp)->rung->slug, 'one below the one-leg bridge');
    }

    public function test_over_65_a_wall_or_chair_version_is_offered_beside_the_measured_rung(): void
    {
        $start = $this->on('front-plank', $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 20)], [], [State::Over65]));

        self::assertSame('front-plank/forearms-toes', $start->rung->slug);
        self::assertSame('front-plank/forearms-bench', $start->support?->slug);
    }

    public function test_who_stands_on_a_ladder_is_moved_by_a_newer_test_of_it_and_never_by_a_guess(): void
    {
        $starts = $this->propose([self::hold(HoldKind::FrontPlank, Side::Both, 20)], []);
        $tested = $this->on('front-plank', $starts);
        $guessed = $this->on('press-out', $starts);

        self::assertSame([false, false], [$tested->hasLapsed(null), $guessed->hasLapsed(null)]);
        self::assertSame([false, true], [$tested->hasLapsed(0), $guessed->hasLapsed(0)], 'placed before the test');
        self::assertSame([true, true], [$tested->hasLapsed(2), $guessed->hasLapsed(2)], 'placed after it');
    }

    public function test_no_proposal_ever_stands_on_a_ruled_out_rung(): void
    {
        $holds = [self::hold(HoldKind::FrontPlank, Side::Both, 60), self::hold(HoldKind::SidePlank, Side::Left, 40), self::hold(HoldKind::SidePlank, Side::Right, 12), self::hold(HoldKind::BackExtensor, Side::Both, 100)];
        foreach (State::cases() as $state) {
            $circumstances = new Circumstances([$state->limit(Side::Left)], [Kit::Wall, Kit::Bench, Kit::Band], Method::default());
            foreach (Starts::propose(ShippedLibrary::get(), $circumstances, $holds, []) as $start) {
                self::assertTrue($circumstances->rule($start->rung)->openOn($start->side), "{$state->value}: {$start->rung->slug}");
            }
        }
    }

    public function test_the_brace_timed_without_a_cuff_counts_as_one_with_it(): void
    {
        $plank = [self::hold(HoldKind::FrontPlank, Side::Both, 20)];
        $held = Starts::propose(ShippedLibrary::get(), $this->able(), $plank, [], new Braced(BraceCheck::timed(60), 2));
        self::assertSame('activation/deep-back-supine', $this->on('activation', $held)->rung->slug, 'held for its minute: on to what stands on it');
        self::assertSame('front-plank/forearms-toes', $this->on('front-plank', $held)->rung->slug);

        $tired = Starts::propose(ShippedLibrary::get(), $this->able(), $plank, [], new Braced(BraceCheck::timed(40), 2));
        self::assertSame('activation/brace-all-round', $this->on('activation', $tired)->rung->slug);
        $front = $this->on('front-plank', $tired);
        self::assertSame('front-plank/forearms-bench', $front->rung->slug, 'tiring before the minute is foundation work');
        self::assertStringContainsString('40 of 60 s', $front->reasons[1]->sentence);
        self::assertSame([2, false, true], [$this->on('activation', $tired)->testedAt, $this->on('activation', $tired)->hasLapsed(1), $this->on('activation', $tired)->hasLapsed(3)]);
    }

    public function test_a_climb_test_watches_the_breath_itself_and_stands_against_a_tired_brace(): void
    {
        $climbed = new Climbed('front-plank', ShippedLibrary::rung('front-plank/foot-lift'), Side::Both, 'Clean up to the foot lift.', Day::parse('2026-06-01'), 1);
        $starts = Starts::propose(ShippedLibrary::get(), $this->able(), [], [$climbed], new Braced(BraceCheck::timed(20), 2));

        self::assertSame('front-plank/foot-lift', $this->on('front-plank', $starts)->rung->slug);
    }

    public function test_the_brace_alone_starts_activation_and_guesses_nothing_else(): void
    {
        $starts = Starts::propose(ShippedLibrary::get(), $this->able(), [], [], new Braced(BraceCheck::timed(60), 2));

        self::assertSame(['activation/deep-back-supine'], array_map(static fn(Start $start): string => $start->rung->slug, $starts));
    }

    public function test_a_ladder_that_begins_above_all_that_was_tested_is_named_as_waiting(): void
    {
        $waiting = static fn(Circumstances $circumstances, Hold ...$holds): array => array_map(static fn(Reason $reason): string => $reason->sentence, Starts::waiting(ShippedLibrary::get(), $circumstances, array_values($holds), []));

        $low = $waiting($this->able(), self::hold(HoldKind::FrontPlankKnees, Side::Both, 40));
        self::assertSame('Standing turn ladder: it begins at 4.6, higher than what was tested, so it waits.', $low['standing-turn'] ?? null);
        self::assertNotContains('front-plank', array_keys($low));
        self::assertSame([], array_intersect(array_keys($low), array_map(static fn(Start $start): string => $start->rung->ladder, $this->propose([self::hold(HoldKind::FrontPlankKnees, Side::Both, 40)], []))), 'it waits, or it has a start');

        self::assertArrayNotHasKey('standing-turn', $waiting($this->able(), self::hold(HoldKind::FrontPlank, Side::Both, 120), self::hold(HoldKind::SidePlank, Side::Left, 90), self::hold(HoldKind::SidePlank, Side::Right, 90)));
        self::assertArrayNotHasKey('standing-turn', $waiting(new Circumstances([], [], Method::default()), self::hold(HoldKind::FrontPlankKnees, Side::Both, 40)), 'without its kit it is no use to wait for it');
        self::assertSame([], $waiting($this->able()), 'nothing waits where nothing was tested');
    }

    private function able(): Circumstances
    {
        return new Circumstances([], [Kit::Mat, Kit::Wall, Kit::Bench, Kit::Step, Kit::Band], Method::default());
    }

    private static function hold(HoldKind $kind, Side $side, int $seconds, int $sequence = 1, string $day = '2026-06-01'): Hold
    {
        return Hold::of($kind, $side, $seconds, HoldEnd::FormLost, Day::parse($day), $sequence);
    }

    /**
     * @param list<Hold>    $holds
     * @param list<Climbed> $climbs
     * @param list<State>   $states
     * @param list<Kit>     $kit
     *
     * @return list<Start>
     */
    private function propose(array $holds, array $climbs, array $states = [], array $kit = [Kit::Mat, Kit::Wall, Kit::Bench, Kit::Step, Kit::Band], ?Method $method = null): array
    {
        $limits = array_map(static fn(State $state) => $state->limit(Side::Both), $states);

        return Starts::propose(ShippedLibrary::get(), new Circumstances($limits, $kit, $method ?? Method::default()), $holds, $climbs);
    }

    /** @param list<Start> $starts */
    private function on(string $ladder, array $starts): Start
    {
        foreach ($starts as $start) {
            if ($start->rung->ladder === $ladder) {
                return $start;
            }
        }
        self::fail("No start on {$ladder}.");
    }
}
