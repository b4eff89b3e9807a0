<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\ProgramWishes;
use EvenRungs\Person\Safety;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Person\WeekShape;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\State;
use EvenRungs\Screening\Urgency;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Squad\MeetingTime;
use EvenRungs\Squad\MeetingTimes;
use EvenRungs\Squad\Squad;
use EvenRungs\Squad\SquadClock;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\Plan;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\TrainingKind;
use EvenRungs\Week\WeekRepairs;
use PHPUnit\Framework\TestCase;

/** A squad in the weeks of its people. */
final class MeetingTest extends TestCase
{
    private const SQUAD = '01jd0000000000000000000000';

    private const BOARD = ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'press-out/standing-short', 'all-fours/opposite-short', 'bridge/long-top'];

    public function test_a_time_fits_who_trains_that_day_and_has_nothing_that_clashes(): void
    {
        // Common practice: no core work before heavy lifting, and core work comes last on a day with sport.
        $lifts = self::record(other: [new OtherTraining(TrainingKind::Lifting, true, new Cell(2, DayPart::Evening))]);
        $runs = self::record(other: [new OtherTraining(TrainingKind::Endurance, false, new Cell(2, DayPart::Evening))], days: [1, 2, 3]);
        $times = self::times([$lifts, $runs]);

        self::assertSame([2, 0, 2], [self::at($times, 1, DayPart::Evening)->fits(), self::at($times, 2, DayPart::Midday)->fits(), self::at($times, 2, DayPart::Evening)->fits()]);
        self::assertSame([[Rule::WeekBeforeHeavy], [Rule::WeekBeforeSport]], array_map(self::rules(...), self::at($times, 2, DayPart::Midday)->against));
        self::assertSame(['No day of training: Thursday.'], array_map(static fn(Reason $reason): string => $reason->sentence, self::at($times, 4, DayPart::Evening)->against[1]));
        self::assertCount(21, $times);
    }

    /** 48 hours between hard sessions: ACSM position stand 2011. */
    public function test_a_hard_meeting_lies_two_days_from_their_own_hard_sessions_of_this_week_and_the_next(): void
    {
        $record = self::record();
        $own = static fn(?Day $only): Plan => new Plan([new PlannedSlot('own', 'floor', new Cell(3, DayPart::Evening), SessionRole::OwnDay, 8, $only, self::today())]);
        $next = self::today()->plusDays(7)->monday();
        foreach ([null, $next] as $only) {
            $times = self::times([$record], $own($only), effort: 8);
            self::assertSame([1, 0, 0, 0, 1], array_map(static fn(int $day): int => self::at($times, $day, DayPart::Morning)->fits(), range(1, 5)));
            self::assertContains(Rule::WeekRecovery, self::rules(self::at($times, 2, DayPart::Evening)->against[0]));
        }
        self::assertSame(1, self::at(self::times([$record], $own(null), effort: 6), 2, DayPart::Evening)->fits(), 'an easier one does');
    }

    public function test_a_meeting_is_no_day_more_than_they_do_core_work_on_at_their_level(): void
    {
        // Novices train two or three days a week: ACSM progression models 2009.
        $own = static fn(int $day): PlannedSlot => new PlannedSlot("own-{$day}", 'floor', new Cell($day, DayPart::Morning), SessionRole::OwnDay, 5, null, self::today());
        $times = self::times([self::record()], new Plan([$own(1), $own(3), $own(5)]));

        self::assertSame([1, 0, 1, 0], array_map(static fn(int $day): int => self::at($times, $day, DayPart::Evening)->fits(), [1, 2, 3, 4]), 'on a day of theirs it is none more');
        self::assertSame('It would be 4 days of core work that week; 2–3 days a week.', self::at($times, 2, DayPart::Evening)->against[0][0]->sentence);
    }

    public function test_where_it_meets_already_it_does_not_stand_in_its_own_way(): void
    {
        $here = new Meeting(new Cell(2, DayPart::Evening), 8);
        $plan = new Plan([$here->planned(new CoreWeek([]), self::SQUAD, 'squad', Method::default(), self::today())]);
        $times = self::times([self::record()], $plan, effort: 8);

        self::assertSame([1, 0, 1], [self::at($times, 2, DayPart::Evening)->fits(), self::at($times, 3, DayPart::Evening)->fits(), self::at($times, 4, DayPart::Evening)->fits()]);
    }

    public function test_who_does_not_train_is_not_asked(): void
    {
        $closed = self::record(signs: [new Sign(Urgency::BeforeTraining, 5)]);
        $times = self::times([$closed, self::record()]);

        self::assertSame([1, 1], [$times[0]->asked, $times[0]->fits()]);
    }

    public function test_a_meeting_stands_after_what_is_trained_then_and_no_harder_than_limits_allow(): void
    {
        $week = new CoreWeek([], [new OtherTraining(TrainingKind::Sport, false, new Cell(5, DayPart::Evening))], limits: array_map(static fn(State $state) => $state->limit(Side::Both, 'age'), State::ofAge(2011, 2026)));
        $placed = (new Meeting(Cell::at(5, DayPart::Evening, '18:30'), 9))->planned($week, self::SQUAD, 'session', Method::default(), self::today());

        self::assertSame([SessionRole::Finisher, 6, '18:30', null], [$placed->role, $placed->effort, $placed->cell->time(), $placed->only]);
        self::assertSame([self::SQUAD, null, null], [Meeting::squadOf($placed->id), Meeting::squadOf('floor-1'), Meeting::squadOf('squad-1')]);
        self::assertSame([true, false], [Meeting::isAt($placed->id, $placed->cell), Meeting::isAt($placed->id, new Cell(6, DayPart::Evening))], 'moved for one of them it is their own');
    }

    public function test_what_clashes_with_a_meeting_is_moved_and_the_meeting_stays(): void
    {
        $content = new SlotContent('Floor', 1200, array_fill_keys(array_map(static fn(Demand $demand): string => $demand->value, Demand::everyWeek()), 2), []);
        $meeting = (new Meeting(new Cell(1, DayPart::Evening), 8))->in(new CoreWeek([]), self::SQUAD, $content, Method::default());
        $week = new CoreWeek([$meeting, new CoreSlot('own', new Cell(2, DayPart::Evening), SessionRole::OwnDay, 8, $content)]);
        $edits = array_merge(...array_map(static fn($repair) => $repair->edits, WeekRepairs::for($week, Clashes::in($week)[0])));

        self::assertContains('own', array_map(static fn($edit): string => $edit->slot, $edits));
        self::assertSame([], array_filter($edits, static fn($edit): bool => $edit->slot === $meeting->id && ($edit->cell->day !== 1 || $edit->cell->part !== DayPart::Evening)));
    }

    public function test_a_shape_is_laid_out_around_the_meetings(): void
    {
        $here = new Meeting(new Cell(1, DayPart::Evening), 6);
        $plan = new Plan([$here->planned(new CoreWeek([]), self::SQUAD, 'squad', Method::default(), self::today())]);
        $laid = WeekShape::lay(Shape::FinisherAndOwnDays, new WeekAtHand(self::record(days: [1, 3, 5], other: [new OtherTraining(TrainingKind::Lifting, false, new Cell(1, DayPart::Evening))]), $plan, [], self::today()->monday()));

        self::assertNotSame([], $laid->slots);
        self::assertNotContains(1, array_map(static fn(PlannedSlot $slot): int => $slot->cell->day, $laid->slots), 'Monday has one, and its evening is full');
        self::assertSame([$here->slotId(self::SQUAD)], $laid->keeps());
    }

    public function test_a_program_is_asked_for_with_what_the_squad_does(): void
    {
        $meeting = static fn(int $day): PlannedSlot => (new Meeting(new Cell($day, DayPart::Evening), 6))->planned(new CoreWeek([]), self::SQUAD, 'squad', Method::default(), self::today());
        $sessions = ['squad' => new WrittenSession('squad', 'Squad', [WrittenBlock::straight(new WrittenItem('a', 'front-plank/forearms-knees', '2x30s on'))])];
        $hand = new ProgramAtHand(self::record(), new Plan([$meeting(2), $meeting(4)]), null, $sessions);
        $request = (new ProgramWishes($hand))->toRequest((new ProgramWishes($hand))->next());

        self::assertSame([2, 2, 0], [$request->beside->sessions, $request->beside->meets(Demand::AntiExtension), $request->beside->meets(Demand::AntiRotation)]);
        self::assertSame(2 * 2 * 2 * 30, $request->beside->halfSeconds()[Demand::AntiExtension->value]);
        self::assertSame(0, (new ProgramWishes(new ProgramAtHand(self::record(), new Plan, null, $sessions)))->toRequest((new ProgramWishes($hand))->next())->beside->sessions);
    }

    public function test_looked_at_first_is_where_it_fits_most_of_them_and_of_those_an_evening(): void
    {
        $time = static fn(int $day, DayPart $part, int $against): MeetingTime => new MeetingTime(new Cell($day, $part), 3, array_fill(0, $against, []));

        self::assertSame(2, MeetingTimes::best([$time(1, DayPart::Morning, 1), $time(1, DayPart::Midday, 1), $time(2, DayPart::Evening, 1), $time(3, DayPart::Evening, 1)]));
        self::assertSame(1, MeetingTimes::best([$time(1, DayPart::Evening, 1), $time(2, DayPart::Morning, 0), $time(3, DayPart::Morning, 0)]));
    }

    public function test_still_to_come_today_are_the_meetings_after_those_that_were_told(): void
    {
        $meetings = [new Meeting(new Cell(1, DayPart::Evening), 6), new Meeting(new Cell(2, DayPart::Morning), 6), new Meeting(new Cell(1, DayPart::Morning), 6)];
        $toCome = static fn(int $told): array => array_map(static fn(Meeting $one): string => $one->cell->inWords(), Meeting::toCome($meetings, self::today()->monday(), $told));

        self::assertSame([['Monday morning', 'Monday evening'], ['Monday evening'], []], array_map($toCome, [0, 1, 2]));
    }

    public function test_what_stands_in_single_weeks_takes_room_in_those(): void
    {
        $usual = array_fill(0, 19, null);

        self::assertTrue(Plan::hasRoomFor([...$usual, '2026-06-01', '2026-06-01', '2026-06-08']));
        self::assertFalse(Plan::hasRoomFor([...$usual, '2026-06-01', '2026-06-08', '2026-06-08', '2026-06-08']));
        self::assertTrue(Plan::hasRoomFor([]));
    }

    public function test_a_program_is_asked_for_beside_the_squad_and_never_at_its_time(): void
    {
        $meeting = (new Meeting(new Cell(2, DayPart::Evening), 6))->planned(new CoreWeek([]), self::SQUAD, 'squad', Method::default(), self::today());
        $own = new PlannedSlot('own', 'floor', new Cell(4, DayPart::Evening), SessionRole::OwnDay, 6, null, self::today());
        $wishes = static fn(PlannedSlot ...$slots): ProgramWishes => new ProgramWishes(new ProgramAtHand(self::record(days: [2, 4, 6]), new Plan(array_values($slots)), null, []));
        $days = static fn(ProgramWishes $wishes): array => array_map(static fn(ProgramSlot $slot): int => $slot->cell->day, $wishes->next()->slots);

        self::assertSame([4], $days($wishes($meeting, $own)));
        self::assertEqualsCanonicalizing([4, 6], $days($wishes($meeting)), 'three days a week at this level, and the squad has one of them');
        self::assertSame([Rule::ProgramUnused], self::rules($wishes($meeting, $own)->unused($wishes($meeting, $own)->next())), 'the squad does not step back');
        self::assertSame('The program uses 2 of the 3 days this person trains on, those of the squad among them.', $wishes($meeting, $own)->unused($wishes($meeting, $own)->next())[0]->sentence);
    }

    /**
     * @param list<PersonRecord> $records
     *
     * @return list<MeetingTime>
     */
    private static function times(array $records, Plan $plan = new Plan, int $effort = 6): array
    {
        $squad = Squad::of(array_map(ShippedLibrary::get()->ladder(...), ['front-plank', 'side-bridge', 'press-out', 'all-fours', 'bridge']), new SquadClock(5, 30, 30, 2, 60), $records);
        $sessions = [];
        foreach (['floor', 'squad'] as $id) {
            $sessions[$id] = new WrittenSession($id, ucfirst($id), [WrittenBlock::straight(new WrittenItem('a', 'front-plank/forearms-knees', '3x20s'))]);
        }

        return MeetingTimes::of($squad, self::SQUAD, 'Fell rescue', array_map(static fn(PersonRecord $record): array => array_map(static fn(int $days): WeekAtHand => new WeekAtHand($record, $plan, $sessions, self::today()->plusDays($days)->monday()), [0, 7]), $records), $effort);
    }

    /** @param list<MeetingTime> $times */
    private static function at(array $times, int $day, DayPart $part): MeetingTime
    {
        return $times[(new Cell($day, $part))->index()];
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<Rule>
     */
    private static function rules(array $reasons): array
    {
        return array_map(static fn(Reason $reason): Rule => $reason->rule, $reasons);
    }

    private static function today(): Day
    {
        return Day::parse('2026-06-02');
    }

    /**
     * @param list<OtherTraining> $other
     * @param list<int>           $days
     * @param list<Sign>          $signs
     */
    private static function record(array $other = [], array $days = [1, 2, 3, 4, 5, 6, 7], array $signs = []): PersonRecord
    {
        $placings = array_map(static fn(int $at, string $rung): Placing => new Placing("p{$at}", ShippedLibrary::rung($rung)->ladder, Side::Both, $rung, false, $at + 1, self::today()), array_keys(self::BOARD), self::BOARD);

        return new PersonRecord(ShippedLibrary::get(), Method::default(), self::today(), new Profile(Aim::Even, null, null, null, $days, 30, Kit::cases(), null, $other), new Safety([], $signs, [], self::today()), History::of($placings, [], [], [], [], null));
    }
}
