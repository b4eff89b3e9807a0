<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Screening\State;
use EvenRungs\Session\Item;
use EvenRungs\Session\Ordering;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Schools of ordering, and what each does to the clock. */
final class OrderTest extends TestCase
{
    public function test_the_schools_are_the_choices_of_the_method(): void
    {
        self::assertSame(array_map(static fn(Answer $answer): string => $answer->label(), Question::Order->answers()), array_map(static fn(OrderSchool $school): string => $school->label(), OrderSchool::cases()));
        self::assertSame(OrderSchool::BaseFirst, OrderSchool::of(Method::default()));
    }

    public function test_base_first_goes_from_bracing_to_still_to_moving_to_standing(): void
    {
        self::assertSame(['activation/brace-all-round', 'front-plank/forearms-toes', 'dead-bug/opposite-short', 'press-out/standing'], $this->order(OrderSchool::BaseFirst, 'press-out/standing', 'dead-bug/opposite-short', 'front-plank/forearms-toes', 'activation/brace-all-round'));
    }

    public function test_an_activation_hold_is_bracing_on_whatever_ladder_it_stands(): void
    {
        self::assertSame(['bridge/heel-dig', 'all-fours/brace-breathe', 'front-plank/forearms-toes'], $this->order(OrderSchool::BaseFirst, 'front-plank/forearms-toes', 'bridge/heel-dig', 'all-fours/brace-breathe'));
    }

    public function test_carry_first_goes_from_the_carry_through_rotation_to_the_floor(): void
    {
        self::assertSame(['carry/one-side-light', 'press-out/standing', 'front-plank/forearms-toes'], $this->order(OrderSchool::CarryFirst, 'front-plank/forearms-toes', 'press-out/standing', 'carry/one-side-light'));
    }

    public function test_bottom_up_begins_with_leg_raising_and_ends_with_the_shoulder_blades(): void
    {
        $order = $this->order(OrderSchool::BottomUp, 'shoulder-girdle/push-away-plank', 'head-lift/both-hands', 'side-bridge/knees-bent', 'dead-bug/leg-lowering');

        self::assertSame('dead-bug/leg-lowering', $order[0]);
        self::assertSame('shoulder-girdle/push-away-plank', $order[3]);
        self::assertSame('head-lift/both-hands', $order[2]);
    }

    public function test_weakest_first_goes_by_the_height_of_the_demand_and_keeps_the_rest_as_written(): void
    {
        $heights = ['anti-rotation' => Height::ofTenths(22), 'anti-extension' => Height::ofTenths(40)];

        self::assertSame(['press-out/seated', 'front-plank/forearms-toes', 'bridge/touch'], $this->order(OrderSchool::WeakestFirst, 'bridge/touch', 'front-plank/forearms-toes', 'press-out/seated', heights: $heights));
    }

    public function test_fewest_moves_finds_the_order_with_the_fewest_changes_of_position_and_of_those_the_least_change_over(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 60; $round++) {
            $rungs = array_map(static fn(): string => RandomSession::rung()->slug, array_fill(0, 5, null));
            $session = $this->session(array_values(array_unique($rungs)));
            $arranged = OrderSchool::FewestMoves->arrange($session, []);
            $efforts = array_map(self::effort(...), self::ways($session));
            sort($efforts);

            self::assertSame($efforts[0] ?? null, self::effort($arranged));
        }
    }

    public function test_what_a_school_leaves_open_stays_as_the_trainer_wrote_it_and_has_the_least_change_over_where_nobody_did(): void
    {
        $rungs = ['front-plank/forearms-toes', 'dead-bug/ninety-hold', 'all-fours/leg-held', 'head-lift/both-hands', 'dead-bug/opposite-short', 'all-fours/leg-lift'];
        $names = static fn(Session $session): array => array_map(static fn(Item $item): string => $item->rung->slug, $session->items());
        $session = $this->session($rungs);

        self::assertSame($rungs, $names(OrderSchool::BaseFirst->arrange($session, [])));
        self::assertSame(['front-plank/forearms-toes', 'dead-bug/ninety-hold', 'head-lift/both-hands', 'all-fours/leg-held', 'all-fours/leg-lift', 'dead-bug/opposite-short'], $names(OrderSchool::BaseFirst->write($session, [])));
    }

    #[DataProvider('schools')]
    public function test_what_is_written_keeps_the_order_of_its_school_and_no_other_way_that_does_has_less_change_over(OrderSchool $school): void
    {
        mt_srand(7);
        for ($round = 0; $round < 15; $round++) {
            $session = $this->session(array_values(array_unique(array_map(static fn(): string => RandomSession::rung()->slug, array_fill(0, 5, null)))));
            $written = $school->write($session, []);
            $isKept = static fn(Session $other): bool => array_map(self::id(...), $school->arrange($other, [])->items()) === array_map(self::id(...), $other->items());
            $cost = static fn(Session $other): array => $school === OrderSchool::FewestMoves ? self::effort($other) : [$other->timeline()->totals()->changeOver];
            $costs = array_map($cost, $school === OrderSchool::FewestMoves ? self::ways($session) : array_filter(self::ways($session), $isKept));

            sort($costs);
            self::assertSame($costs[0] ?? null, $cost($written));
            self::assertTrue($isKept($written));
        }
    }

    /** @return iterable<string, array{OrderSchool}> */
    public static function schools(): iterable
    {
        foreach (OrderSchool::cases() as $school) {
            yield $school->value => [$school];
        }
    }

    public function test_where_a_limit_asks_for_few_changes_of_position_it_is_written_by_those_and_says_so(): void
    {
        $under = static fn(State ...$states): Circumstances => new Circumstances(array_map(static fn(State $state): Limit => $state->limit(Side::Both), array_values($states)), Kit::cases(), Method::default());

        self::assertSame(OrderSchool::BaseFirst, OrderSchool::for($under(State::NeckPain)));
        self::assertNull(OrderSchool::instead($under(State::NeckPain)));
        self::assertSame(OrderSchool::FewestMoves, OrderSchool::for($under(State::NeckPain, State::Dizziness)));
        self::assertSame('Dizziness changing position: grouped by position, in place of “base first”.', OrderSchool::instead($under(State::NeckPain, State::Dizziness))?->sentence);
    }

    public function test_more_than_nine_blocks_are_grouped_and_none_is_lost(): void
    {
        $rungs = array_map(static fn($rung): string => $rung->slug, array_slice(ShippedLibrary::get()->ladder('dead-bug')->rungs, 0, 6));
        $rungs = [...$rungs, 'front-plank/forearms-toes', 'press-out/standing', 'bridge/touch', 'press-out/seated', 'all-fours/leg-lift'];
        $session = $this->session($rungs);
        $arranged = OrderSchool::FewestMoves->arrange($session, []);

        self::assertEqualsCanonicalizing($rungs, array_map(static fn(Item $item): string => $item->rung->slug, $arranged->items()));
        self::assertLessThanOrEqual($session->timeline()->totals()->changeOver, $arranged->timeline()->totals()->changeOver);
    }

    public function test_primer_and_finisher_keep_their_places(): void
    {
        $session = new Session([
            new StraightSets(ShippedLibrary::item('press-out/seated', '1x5/side'), Part::Primer),
            new StraightSets(ShippedLibrary::item('press-out/standing', '2x8/side'), Part::Main),
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '2x20s'), Part::Main),
            new StraightSets(ShippedLibrary::item('bridge/touch', '1x10'), Part::Finisher),
        ]);

        self::assertSame(['press-out/seated', 'front-plank/forearms-toes', 'press-out/standing', 'bridge/touch'], array_map(static fn(Item $item): string => $item->rung->slug, OrderSchool::BaseFirst->arrange($session, [])->items()));
    }

    public function test_each_school_says_what_it_does_to_the_change_overs(): void
    {
        $session = $this->session(['front-plank/forearms-toes', 'press-out/standing', 'front-plank/small-rock']);
        $ordering = Ordering::of($session, OrderSchool::FewestMoves, []);

        self::assertGreaterThan(0, $ordering->savedSeconds);
        self::assertStringContainsString("Saves {$ordering->savedSeconds} s of change-over.", $ordering->reason->sentence);
        self::assertSame('That is the order it has.', substr(Ordering::of($ordering->session, OrderSchool::FewestMoves, [])->reason->sentence, -25));
    }

    /** @return array{int, int} changes of position, and seconds of change-over */
    private static function effort(Session $session): array
    {
        return [Ordering::moves($session), $session->timeline()->totals()->changeOver];
    }

    private static function id(Item $item): string
    {
        return $item->id;
    }

    /** @return list<Session> every order of its blocks */
    private static function ways(Session $session): array
    {
        return array_map(static fn(array $blocks): Session => new Session($blocks), self::permutations($session->blocks));
    }

    /**
     * @param array<string, Height> $heights
     *
     * @return list<string>
     */
    private function order(OrderSchool $school, string $first, string $second, string $third, string $fourth = '', array $heights = []): array
    {
        return array_map(static fn(Item $item): string => $item->rung->slug, $school->arrange($this->session(array_values(array_filter([$first, $second, $third, $fourth]))), $heights)->items());
    }

    /** @param list<string> $rungs */
    private function session(array $rungs): Session
    {
        return new Session(array_map(static function (string $slug): StraightSets {
            $rung = ShippedLibrary::rung($slug);

            return new StraightSets(new Item($slug, $rung, $rung->defaultDose(Method::default())));
        }, $rungs));
    }

    /**
     * @template T
     *
     * @param list<T> $list
     *
     * @return non-empty-list<list<T>>
     */
    private static function permutations(array $list): array
    {
        if (count($list) < 2) {
            return [$list];
        }
        $all = [];
        foreach ($list as $at => $first) {
            foreach (self::permutations(array_values(array_diff_key($list, [$at => true]))) as $rest) {
                $all[] = [$first, ...$rest];
            }
        }

        return $all;
    }
}
