<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\KindMix;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\KindsOpen;
use EvenRungs\Person\LaidWeek;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\ShapedSession;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Person\WeekShape;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Picking;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\Plan;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\TrainingKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Shapes a week starts from, filled from the board (common practice), and what is not said of a week because of its shape. */
final class WeekShapeTest extends TestCase
{
    private const BOARD = ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'bridge/short-top', 'carry/one-side-light', 'dead-bug/alternating-lifts'];

    private const ADVANCED = ['front-plank/body-saw', 'side-bridge/leg-swing', 'hinge/bar-heavy', 'press-out/walking', 'bridge/bench-one-leg', 'shoulder-girdle/wall-handstand'];

    /** @return iterable<string, array{Shape}> */
    public static function shapes(): iterable
    {
        foreach (Shape::cases() as $shape) {
            yield $shape->label() => [$shape];
        }
    }

    #[DataProvider('shapes')]
    public function test_every_shape_is_filled_from_the_board_and_no_session_stands_nowhere(Shape $shape): void
    {
        $laid = self::lay($shape);
        $keys = array_map(static fn(ShapedSession $session): string => $session->key, $laid->sessions);

        self::assertNotSame([], $laid->sessions);
        self::assertSame($keys, array_unique($keys));
        self::assertEqualsCanonicalizing($keys, array_values(array_unique(array_map(static fn(PlannedSlot $slot): string => $slot->session, $laid->slots))));
        foreach ($laid->sessions as $session) {
            self::assertGreaterThan(0, self::seconds($session));
        }
    }

    public function test_an_own_day_takes_what_its_minutes_hold_and_says_what_is_left_for_another(): void
    {
        $laid = self::lay(Shape::FinisherAndOwnDays, [...self::BOARD, 'prone-extension/both-legs', 'hinge/hip-height', 'hip-side/leg-lift', 'shoulder-girdle/push-away-knees', 'squat/bodyweight', 'leg-slide/flat-slide']);
        $own = array_values(array_filter($laid->sessions, static fn(ShapedSession $session): bool => $session->key === 'own'))[0];
        $said = array_values(array_filter($laid->notes, static fn(Reason $note): bool => $note->rule === Rule::SessionChoice));

        self::assertLessThanOrEqual(25 * 60, self::seconds($own));
        self::assertCount(8, self::rungs($own));
        self::assertStringStartsWith('One session takes 8 of the 13 ladders of the board: more would be little of each. For another day: ', $said[0]->sentence ?? '');
    }

    public function test_a_finisher_of_four_to_eight_minutes_comes_after_every_training_and_the_own_day_carries_first(): void
    {
        $laid = self::lay(Shape::FinisherAndOwnDays);
        [$finisher, $own] = $laid->sessions;

        self::assertGreaterThanOrEqual(240, self::seconds($finisher));
        self::assertLessThanOrEqual(480, self::seconds($finisher));
        self::assertSame(['2 evening finisher', '4 evening finisher'], self::at($laid, 'finisher'));
        self::assertSame('carry/one-side-light', $own->blocks[0]->items[0]->rung);
        self::assertSame('press-out/standing', $own->blocks[1]->items[0]->rung);
        self::assertCount(2, self::at($laid, 'own'), 'two days of their own where there are fewer than three finishers');
        self::assertSame([], array_intersect([2, 4], array_map(static fn(PlannedSlot $slot): int => $slot->session === 'own' ? $slot->cell->day : 0, $laid->slots)), 'on other days');
        self::assertSame([], self::rules($laid, Shape::FinisherAndOwnDays));

        self::assertSame(['5 evening own-day'], self::at(self::lay(Shape::FinisherAndOwnDays, days: [2, 5]), 'own'), 'one, where the other day has a finisher');
        self::assertCount(1, self::at(self::lay(Shape::FinisherAndOwnDays, days: [2, 4]), 'own'), 'and one still, where all of them have');
    }

    public function test_three_floor_routines_need_nothing_but_the_floor_and_meet_each_demand_twice(): void
    {
        $laid = self::lay(Shape::ThreeRoutines);
        $floor = [Position::Supine, Position::Prone, Position::SideLying, Position::AllFours, Position::HighSupport, Position::ForearmSupport];
        $met = [];
        foreach ($laid->sessions as $session) {
            foreach (self::rungs($session) as $rung) {
                self::assertContains($rung->position, $floor, $rung->slug);
                $met[$rung->demand->value] = ($met[$rung->demand->value] ?? 0) + 1;
            }
        }

        self::assertCount(3, $laid->sessions);
        self::assertSame(['anti-extension' => 2, 'anti-lateral-flexion' => 2, 'hip-stability' => 1, 'anti-flexion' => 2, 'anti-rotation' => 2], $met);
        self::assertCount(3, array_unique(array_map(static fn(PlannedSlot $slot): int => $slot->cell->day, $laid->slots)), 'three days');
    }

    public function test_a_floor_routine_takes_nobody_above_their_own_rung_of_a_ladder(): void
    {
        // The plank stands on 5.0, where the dead bug has a rung too; of that ladder the person is on 4.0.
        $rungs = array_merge(...array_map(self::rungs(...), self::lay(Shape::ThreeRoutines, ['front-plank/tight-plank', 'dead-bug/ninety-heel-digs'])->sessions));

        self::assertSame(['front-plank/tight-plank'], array_values(array_unique(array_map(static fn(Rung $rung): string => $rung->slug, $rungs))));
    }

    public function test_one_exercise_at_a_time_stays_inside_the_minutes_when_there_are_four(): void
    {
        $laid = self::lay(Shape::OneAtATime, minutes: 5);

        self::assertCount(4, $laid->sessions);
        self::assertSame([], array_filter($laid->sessions, static fn(ShapedSession $session): bool => self::seconds($session) > 300));
    }

    public function test_any_three_of_five_have_a_shortest_and_a_longest_choice(): void
    {
        $laid = self::lay(Shape::PickSome);
        [$session] = $laid->sessions;

        self::assertSame([5, 3], [count($session->blocks), $session->picks]);
        $five = new Session(array_map(static fn(int $at): StraightSets => new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '1x'.(10 * $at).'s', "i{$at}")), range(1, 5)));
        $picking = Picking::of(3, $five);
        self::assertSame('Any three of these five.', $picking?->inWords());
        // Two change-overs of 10 s: 10 + 20 + 30 s, and 30 + 40 + 50 s of work.
        self::assertSame([80, 140], $picking->seconds($five));
        self::assertNull(Picking::of(5, $five), 'all of them is no choice');

        $length = SessionLength::of($five, 3);
        self::assertSame([80, 140, '1:20–2:20'], [$length->shortest, $length->longest, $length->text()]);
        self::assertSame([190, '3:10'], [SessionLength::of($five)->longest, SessionLength::of($five)->text()]);

        $content = SlotContent::of('Any three', $five, null, 3);
        self::assertSame([140, 3, 90], [$content->seconds, $content->sets(Demand::AntiExtension), $content->work['anti-extension']], 'the week has room for the longest, and gets three fifths');
        self::assertSame(5, SlotContent::of('All', $five)->sets(Demand::AntiExtension));
    }

    public function test_a_demand_that_may_be_picked_is_met_as_often_as_it_is_on_average(): void
    {
        $five = new Session(array_map(static fn(string $slug, int $at): StraightSets => new StraightSets(ShippedLibrary::item($slug, $slug === 'press-out/standing' ? '1x8/side' : '1x20s'.($slug === 'side-bridge/knees-bent' ? '/side' : ''), "i{$at}")), ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'press-out/standing', 'prone-extension/reverse-bent', 'front-plank/forearms-knees'], range(1, 5)));
        $times = static fn(int $sessions, ?int $picks, Demand $demand): int => (new CoreWeek(array_map(static fn(int $day): CoreSlot => new CoreSlot("d{$day}", new Cell(2 * $day, DayPart::Morning), SessionRole::OwnDay, 5, SlotContent::of('Any', $five, null, $picks)), range(1, $sessions))))->timesMet($demand);

        // Three of five: a demand with one of them is met in three of five choices, one with two of them in nine of ten.
        self::assertSame([600, 900, 1000], array_map(static fn(int $exercises): ?int => Picking::of(3, $five)?->chancePerMille($exercises), [1, 2, 3]));
        self::assertSame([1, 1, 2], array_map(static fn(int $sessions): int => $times($sessions, 3, Demand::AntiRotation), [1, 2, 3]));
        self::assertSame([0, 0, 1], array_map(static fn(int $sessions): int => $times($sessions, 1, Demand::AntiRotation), [1, 2, 3]));
        self::assertSame([3, 3], [$times(3, 3, Demand::AntiExtension), $times(3, null, Demand::AntiRotation)]);
    }

    public function test_one_exercise_a_week_grows_by_one_and_the_demands_left_open_are_no_fault(): void
    {
        $laid = self::lay(Shape::OneAtATime);

        self::assertSame([1, 2, 3, 4], array_map(static fn(ShapedSession $session): int => count($session->blocks), $laid->sessions));
        self::assertSame(['2026-06-01' => 7, '2026-06-08' => 7, '2026-06-15' => 7, '2026-06-22' => 7], array_count_values(array_map(static fn(PlannedSlot $slot): string => $slot->only?->iso() ?? '', $laid->slots)));
        self::assertSame([], self::rules($laid, Shape::OneAtATime, '2026-06-01'));
        self::assertContains(Rule::WeekDemand, self::rules($laid, null, '2026-06-01'), 'of another week it would be said');
        self::assertStringContainsString('they come later', Clashes::silenced(self::week($laid, Shape::OneAtATime, '2026-06-01'))[0]->sentence);
    }

    public function test_variations_lie_within_three_tenths_of_the_weakest_rung_and_change_each_day(): void
    {
        $laid = self::lay(Shape::DailyVariation);
        $heights = array_map(static fn(ShapedSession $session): int => self::rungs($session)[0]->height->tenths, $laid->sessions);

        sort($heights);
        self::assertLessThanOrEqual(3, end($heights) - ($heights[0] ?? 0));
        self::assertCount(7, $laid->slots);
        self::assertSame([], array_filter(array_map(null, array_slice($laid->slots, 1), array_slice($laid->slots, 0, -1)), static fn(array $two): bool => count($laid->sessions) > 1 && $two[0]?->session === $two[1]?->session));
    }

    public function test_a_variation_they_came_down_from_is_not_asked_of_them(): void
    {
        $higher = 'shoulder-girdle/push-away-plank';
        $rungs = static fn(string ...$board): array => array_map(static fn(ShapedSession $session): string => self::rungs($session)[0]->slug, self::lay(Shape::DailyVariation, array_values($board))->sessions);

        self::assertContains($higher, $rungs('shoulder-girdle/y-weights'));
        self::assertNotContains($higher, $rungs($higher, 'shoulder-girdle/y-weights'));
    }

    public function test_six_minutes_are_six_minutes_by_the_clock_and_nobody_works_longer_than_their_level_has_it(): void
    {
        foreach ([
            'three beginners’ and two of foundation' => [self::BOARD, [20, 20, 30, 30, 30]],
            'three' => [array_slice(self::BOARD, 0, 3), [30, 30, 30]],
            'two' => [array_slice(self::BOARD, 0, 2), [30, 30]],
            'foundation' => [['press-out/seated', 'bridge/touch'], [20, 20]],
            'advanced' => [self::ADVANCED, [48, 48, 48, 48, 48]],
        ] as $who => [$board, $works]) {
            $session = self::lay(Shape::SixMinutes, $board)->sessions[0];
            $stations = array_map(static fn(WrittenItem $item): int => DoseLine::parse($item->dose, Sidedness::Both)->first()->target(), $session->blocks[0]->items);
            sort($stations);

            self::assertSame(360, self::seconds($session), $who);
            self::assertSame($works, $stations, $who);
            self::assertSame([], array_filter($session->blocks[0]->gapSeconds, static fn(int $gap): bool => $gap < 30), $who);
        }
    }

    /** Common practice by level: 60 s of work and 30 s of rest, twice; 30/30 twice; 20/40 once. */
    public function test_a_circuit_of_six_works_and_rests_by_the_level_of_its_exercises(): void
    {
        self::assertSame(17 * 60 + 30, self::seconds(self::lay(Shape::CircuitOfSix, self::ADVANCED)->sessions[0]), 'all are advanced');

        // Dead bug and bridge are of foundation, and begin: 2 × 20 + 4 × 30 of work and 2 × 40 + 3 × 30 of rest, 40 between the
        // rounds, and 4 × 30 and 3 × 30 without them.
        self::assertSame(120 + 40 + 170 + 40 + 120 + 90, self::seconds(self::lay(Shape::CircuitOfSix)->sessions[0]));
    }

    public function test_short_daily_practice_is_no_hard_work_however_it_is_planned(): void
    {
        $slots = array_map(static fn(int $day): CoreSlot => new CoreSlot("d{$day}", new Cell($day, DayPart::Morning), SessionRole::Daily, 8, new SlotContent('Six minutes', 360, array_fill_keys(['anti-extension', 'anti-lateral-flexion', 'anti-flexion', 'anti-rotation'], 2), [])), [1, 2, 3, 4, 5]);
        $week = new CoreWeek($slots);

        self::assertSame([], array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in($week)));
        self::assertSame('“Six minutes” is planned at effort 8; daily practice of 6:00 is no hard work.', Clashes::silenced($week)[0]->sentence);
        $long = new CoreWeek(array_map(static fn(CoreSlot $slot): CoreSlot => new CoreSlot($slot->id, $slot->cell, $slot->placement, 8, new SlotContent('Long', 1200, $slot->content->sets, [])), $slots));
        self::assertContains(Rule::WeekThreeDays, array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in($long)));
    }

    public function test_an_empty_board_fills_nothing_and_says_so(): void
    {
        $laid = self::lay(Shape::SixMinutes, []);

        self::assertSame([[], []], [$laid->sessions, $laid->slots]);
        self::assertStringContainsString('place the person on a ladder first', $laid->notes[0]->sentence);
    }

    public function test_the_young_train_on_their_days_only(): void
    {
        $laid = self::lay(Shape::OneAtATime, self::BOARD, 2013);

        self::assertSame([1, 3, 5], array_values(array_unique(array_map(static fn(PlannedSlot $slot): int => $slot->cell->day, $laid->slots))));
    }

    public function test_a_kind_of_work_that_cannot_be_planned_says_why(): void
    {
        $said = static fn(PersonRecord $record, ?KindMix $planned = null): array => array_map(static fn(Reason $reason): string => $reason->sentence, KindsOpen::whyNot($record, $planned ?? KindMix::of([])));

        self::assertSame(
            ['No integrated lifts: the person stands on no rung of that kind. “Hinge with a light weight from hip height” of the hinge ladder is open.', 'No isolated work: the person stands on no rung of that kind. “Face down, one leg lifted, forehead on the hands” of the prone-extension ladder is open.'],
            $said(self::record(self::BOARD, null, Aim::Strength)),
        );
        self::assertSame([], $said(self::record([...self::BOARD, 'squat/bodyweight', 'hip-side/clam'], null, Aim::Strength)));
        self::assertSame([], $said(self::record(self::BOARD, null, Aim::Strength), KindMix::of([WorkKind::Integrated->value => 3, WorkKind::Isolated->value => 2])), 'what is planned needs no why not');
        self::assertSame([], $said(self::record(self::BOARD)), 'another aim has no such target');
    }

    /**
     * @param list<string> $board
     * @param list<int>    $days
     */
    private static function lay(Shape $shape, array $board = self::BOARD, ?int $born = null, array $days = [1, 3, 5], int $minutes = 25): LaidWeek
    {
        return WeekShape::lay($shape, new WeekAtHand(self::record($board, $born, days: $days, minutes: $minutes), new Plan, [], Day::parse('2026-06-01')));
    }

    /**
     * @param list<string> $board slugs of working rungs
     * @param list<int>    $days  1 for Monday
     */
    private static function record(array $board, ?int $born = null, Aim $aim = Aim::Even, array $days = [1, 3, 5], int $minutes = 25): PersonRecord
    {
        $today = Day::parse('2026-06-01');
        $placings = array_map(static fn(string $slug, int $at): Placing => new Placing("p{$at}", (string) strstr($slug, '/', true), Side::Both, $slug, false, $at, $today), $board, array_keys($board));
        $other = [new OtherTraining(TrainingKind::Lifting, false, new Cell(2, DayPart::Evening)), new OtherTraining(TrainingKind::Endurance, false, new Cell(4, DayPart::Evening)), new OtherTraining(TrainingKind::Work, true, new Cell(1, DayPart::Morning))];
        $limits = $born === null ? [] : [new NotedLimit(State::Under16, Side::Both, $today, false)];

        return new PersonRecord(
            ShippedLibrary::get(),
            Method::default(),
            $today,
            new Profile($aim, null, $born, null, $days, $minutes, Kit::cases(), null, $other),
            new Safety($limits, [], [], $today, []),
            History::of($placings, [], [], [], [], $today),
        );
    }

    /** @return list<string> where a session of the shape stands */
    private static function at(LaidWeek $laid, string $key): array
    {
        return array_values(array_map(static fn(PlannedSlot $slot): string => "{$slot->cell->day} {$slot->cell->part->value} {$slot->role->value}", array_filter($laid->slots, static fn(PlannedSlot $slot): bool => $slot->session === $key)));
    }

    private static function seconds(ShapedSession $session): int
    {
        return self::session($session)->timeline()->totals()->total();
    }

    private static function session(ShapedSession $session): Session
    {
        return self::record([])->read($session->blocks)->session ?? throw new \LogicException('nothing can be read');
    }

    /** @return list<Rung> */
    private static function rungs(ShapedSession $session): array
    {
        return array_merge(...array_map(static fn(WrittenBlock $block): array => array_map(static fn($item): Rung => ShippedLibrary::rung($item->rung), $block->items), $session->blocks));
    }

    private static function week(LaidWeek $laid, ?Shape $shape, ?string $only = null): CoreWeek
    {
        $contents = [];
        foreach ($laid->sessions as $session) {
            $contents[$session->key] = SlotContent::of($session->title, self::session($session));
        }
        $here = array_filter($laid->slots, static fn(PlannedSlot $slot): bool => $slot->only?->iso() === $only);

        return new CoreWeek(array_values(array_map(static fn(PlannedSlot $slot): CoreSlot => new CoreSlot($slot->id, $slot->cell, $slot->role, $slot->effort, $contents[$slot->session]), $here)), self::record([])->profile->other, [1, 3, 5], [], $shape);
    }

    /** @return list<Rule> */
    private static function rules(LaidWeek $laid, ?Shape $shape, ?string $only = null): array
    {
        return array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in(self::week($laid, $shape, $only)));
    }
}
