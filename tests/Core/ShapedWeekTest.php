<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\LaidWeek;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\SessionStart;
use EvenRungs\Person\ShapedSession;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Person\WeekShape;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Warning;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\Plan;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\TrainingDays;
use EvenRungs\Week\TrainingKind;
use EvenRungs\Week\WeekPlacing;
use PHPUnit\Framework\TestCase;

/** Nothing that a shape lays out is criticised as soon as it stands there: days, parts of days, stations, rungs. */
final class ShapedWeekTest extends TestCase
{
    private const BOARD = ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'bridge/short-top'];

    public function test_the_young_get_as_many_of_their_days_as_do_not_follow_each_other(): void
    {
        $record = self::record(days: [1, 2, 3, 4, 7], states: [State::Under18]);
        foreach ([Shape::DailyVariation, Shape::OneAtATime, Shape::SixMinutes, Shape::ThreeRoutines] as $shape) {
            $laid = self::lay($shape, $record);

            self::assertSame([2, 4, 7], self::days($laid), $shape->label());
            self::assertNotContains(Rule::DaysOfTraining, self::clashes($laid, $shape, $record), $shape->label());
        }
    }

    public function test_days_are_left_out_only_where_a_limit_asks_for_it(): void
    {
        $young = [State::Under18->limit(Side::Both, '')];

        self::assertSame([1, 2, 3], TrainingDays::within([], [1, 2, 3]));
        self::assertSame([1, 3], TrainingDays::within($young, [1, 2, 3]));
        self::assertSame([2], TrainingDays::within($young, [1, 2, 3], [5, 7]), 'a squad meets on Friday and Sunday');
        self::assertSame([1, 3], TrainingDays::within($young, [1, 3], [4, 5]), 'where the days of a squad clash by themselves, nothing is mended by leaving out more');
    }

    public function test_daily_practice_keeps_out_of_the_way_of_heavy_lifting_and_comes_after_sport(): void
    {
        $lifting = self::record(other: [new OtherTraining(TrainingKind::Lifting, true, new Cell(4, DayPart::Morning))]);
        $laid = self::lay(Shape::OneAtATime, $lifting);
        self::assertSame(['4 midday daily'], self::on($laid, 4));
        self::assertSame(['3 morning daily'], self::on($laid, 3));
        self::assertSame([], self::clashes($laid, Shape::OneAtATime, $lifting));

        $sport = self::record(days: [2, 4], other: [new OtherTraining(TrainingKind::Sport, true, new Cell(4, DayPart::Evening))]);
        $laid = self::lay(Shape::SixMinutes, $sport);
        self::assertSame(['2 morning daily', '4 evening finisher'], [...self::on($laid, 2), ...self::on($laid, 4)]);
        self::assertSame([], self::clashes($laid, Shape::SixMinutes, $sport));
    }

    public function test_no_finisher_comes_between_two_trainings_of_a_day_where_the_later_is_sport(): void
    {
        $record = self::record(other: [new OtherTraining(TrainingKind::Lifting, false, new Cell(3, DayPart::Morning)), new OtherTraining(TrainingKind::Sport, false, new Cell(3, DayPart::Evening))]);
        $laid = self::lay(Shape::FinisherAndOwnDays, $record);

        self::assertSame(['3 evening finisher'], self::on($laid, 3));
        self::assertNotContains(Rule::WeekBeforeSport, self::clashes($laid, Shape::FinisherAndOwnDays, $record));
        self::assertContains('No finisher after lifting on Wednesday morning: “Short finisher” on Wednesday morning comes before sport that day; core work comes last.', self::notes($laid));
    }

    public function test_a_suggested_place_for_daily_practice_comes_after_the_sport_of_the_day(): void
    {
        $week = new CoreWeek([], [new OtherTraining(TrainingKind::Sport, true, new Cell(4, DayPart::Evening))], [4]);
        $at = WeekPlacing::suggest($week, new SlotContent('Practice', 600, ['anti-extension' => 2], []), Method::default()->with(Answer::ShortDaily), [1, 2, 3, 5, 6, 7]);

        self::assertSame([4, DayPart::Evening, SessionRole::Finisher], [$at?->cell->day, $at?->cell->part, $at?->placement]);
    }

    public function test_a_floor_routine_begins_a_ladder_nobody_placed_them_on_with_care(): void
    {
        // For the side they were placed on carries alone; of the side bridge nothing is known.
        $carry = ShippedLibrary::rung('carry/one-side-heavy');
        $laid = self::lay(Shape::ThreeRoutines, self::record(['carry/one-side-heavy', 'front-plank/forearms-toes', 'all-fours/opposite-short', 'press-out/standing']));
        $side = array_values(array_filter(self::rungs($laid), static fn(Rung $rung): bool => $rung->demand === $carry->demand));

        self::assertNotSame([], $side);
        foreach ($side as $rung) {
            self::assertSame('side-bridge', $rung->ladder);
            self::assertGreaterThanOrEqual(Ladder::CAREFUL_TENTHS, $carry->height->above($rung->height));
        }
        self::assertNotSame([], array_filter(self::notes($laid), static fn(string $note): bool => str_starts_with($note, 'Not placed on “Side-bridge ladder”: ') && str_contains($note, 'is a careful start')));
    }

    public function test_stations_that_load_the_same_joint_do_not_follow_each_other_where_another_order_helps(): void
    {
        $record = self::record(['rollout/wheel-30', 'shoulder-girdle/push-away-plank', 'floor-anti-rotation/hover-taps', 'bridge/staggered', 'hinge/bar-floor', 'hip-side/leg-lift']);
        foreach ([Shape::CircuitOfSix, Shape::SixMinutes] as $shape) {
            foreach (self::lay($shape, $record)->sessions as $session) {
                $read = $record->read($session->blocks)->session;

                self::assertNotNull($read);
                self::assertNotContains(Rule::Competing, array_map(static fn(Warning $warning): Rule => $warning->reason->rule, $record->warnings()->in($read)->aboutAll($read)), $shape->label());
            }
        }
    }

    public function test_what_a_limit_caps_shorter_than_the_clock_of_its_station_is_no_station(): void
    {
        $record = self::record(states: [State::RaisedPressure]);
        $laid = self::lay(Shape::CircuitOfSix, $record);
        $rungs = array_map(static fn(Rung $rung): string => $rung->slug, self::rungs($laid));

        self::assertContains('press-out/standing', $rungs);
        self::assertNotContains('side-bridge/knees-bent', $rungs);
        self::assertNotSame([], array_filter(self::notes($laid), static fn(string $note): bool => str_starts_with($note, 'No station, since its clock is longer: ') && str_contains($note, '“Side bridge, knees bent”') && str_ends_with($note, 'no hold over 10 s at effort 7 or more.')));
    }

    public function test_five_of_six_demands_leave_out_none_of_those_of_every_week(): void
    {
        // Hip and shoulder girdle stand lowest; the front stands highest of all.
        $record = self::record(['front-plank/body-saw', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'bridge/short-top', 'shoulder-girdle/push-away-knees']);
        foreach ([Shape::SixMinutes, Shape::PickSome, Shape::CircuitOfSix] as $shape) {
            $laid = self::lay($shape, $record);

            self::assertContains('front-plank/body-saw', array_map(static fn(Rung $rung): string => $rung->slug, self::rungs($laid)), $shape->label());
            self::assertNotContains(Rule::WeekDemand, self::clashes($laid, $shape, $record), $shape->label());
        }
    }

    public function test_no_more_variations_are_written_than_there_are_days_for(): void
    {
        $record = self::record(['carry/upside-down'], days: [3], states: [State::Under18]);
        $laid = self::lay(Shape::DailyVariation, $record);

        self::assertGreaterThan(1, count(self::rungs(self::lay(Shape::DailyVariation, self::record(['carry/upside-down'])))), 'it has variations');
        self::assertSame(['carry/upside-down'], array_map(static fn(Rung $rung): string => $rung->slug, self::rungs($laid)));
    }

    public function test_what_stands_in_is_not_below_what_they_do_for_the_demand_already(): void
    {
        $withoutBand = array_values(array_filter(Kit::cases(), static fn(Kit $kit): bool => $kit !== Kit::Band));
        $record = self::record(['hip-side/banded-leg-lift', 'bridge/staggered'], kit: $withoutBand);
        $start = SessionStart::fromBoard($record);
        $rungs = array_map(static fn($block): string => $block->items[0]->rung, $start->blocks);

        self::assertContains('bridge/staggered', $rungs);
        self::assertSame(['bridge/staggered'], array_values(array_filter($rungs, static fn(string $rung): bool => str_starts_with($rung, 'bridge/'))));
        self::assertCount(2, $rungs, 'another of the hip stands in');
    }

    public function test_where_only_less_of_the_same_could_stand_in_it_is_left_out_and_said(): void
    {
        // Without weights all that is open for the side is the side bridge, on which they stand higher than on the carry.
        $record = self::record(['side-bridge/top-foot-front', 'carry/two-hand-carry'], kit: [Kit::Mat, Kit::Wall]);
        $start = SessionStart::fromBoard($record);

        self::assertSame(['side-bridge/top-foot-front'], array_map(static fn($block): string => $block->items[0]->rung, $start->blocks));
        self::assertNotSame([], array_filter($start->notes, static fn(Reason $note): bool => $note->rule === Rule::Substitution && str_contains($note->sentence, 'they do more of the same already, “')));
    }

    /**
     * @param list<string>        $board slugs of working rungs
     * @param list<int>           $days
     * @param list<State>         $states
     * @param list<OtherTraining> $other
     * @param list<Kit>|null      $kit
     */
    private static function record(array $board = self::BOARD, array $days = [1, 3, 5], array $states = [], array $other = [], ?array $kit = null): PersonRecord
    {
        $today = Day::parse('2026-06-01');
        $placings = array_map(static fn(string $slug, int $at): Placing => new Placing("p{$at}", (string) strstr($slug, '/', true), Side::Both, $slug, false, $at, $today), $board, array_keys($board));

        return new PersonRecord(
            ShippedLibrary::get(),
            Method::default(),
            $today,
            new Profile(Aim::Even, null, null, null, $days, 25, $kit ?? Kit::cases(), null, $other),
            new Safety(array_map(static fn(State $state): NotedLimit => new NotedLimit($state, Side::Both, $today, false), $states), [], [], $today, []),
            History::of($placings, [], [], [], [], $today),
        );
    }

    private static function lay(Shape $shape, PersonRecord $record): LaidWeek
    {
        return WeekShape::lay($shape, new WeekAtHand($record, new Plan, [], Day::parse('2026-06-01')));
    }

    /** @return list<Rule> what the week that was laid out clashes with */
    private static function clashes(LaidWeek $laid, Shape $shape, PersonRecord $record): array
    {
        $monday = Day::parse('2026-06-01');
        $sessions = [];
        foreach ($laid->sessions as $session) {
            $sessions[$session->key] = new WrittenSession($session->key, $session->title, $session->blocks, picks: $session->picks);
        }

        return array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in((new WeekAtHand($record, new Plan($laid->slots, shape: $shape), $sessions, $monday))->week()));
    }

    /** @return list<int> */
    private static function days(LaidWeek $laid): array
    {
        $days = array_values(array_unique(array_map(static fn(PlannedSlot $slot): int => $slot->cell->day, $laid->slots)));
        sort($days);

        return $days;
    }

    /** @return list<string> what stands on a day, each once */
    private static function on(LaidWeek $laid, int $day): array
    {
        $here = array_filter($laid->slots, static fn(PlannedSlot $slot): bool => $slot->cell->day === $day);

        return array_values(array_unique(array_map(static fn(PlannedSlot $slot): string => "{$day} {$slot->cell->part->value} {$slot->role->value}", $here)));
    }

    /** @return list<string> */
    private static function notes(LaidWeek $laid): array
    {
        return array_map(static fn(Reason $note): string => $note->sentence, $laid->notes);
    }

    /** @return list<Rung> */
    private static function rungs(LaidWeek $laid): array
    {
        $blocks = array_merge(...array_map(static fn(ShapedSession $session): array => $session->blocks, $laid->sessions));

        return array_merge(...array_map(static fn($block): array => array_map(static fn($item): Rung => ShippedLibrary::rung($item->rung), $block->items), $blocks));
    }
}
