<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\State;
use EvenRungs\Screening\Urgency;
use EvenRungs\Session\Cue;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Squad\Squad;
use EvenRungs\Squad\SquadClock;
use EvenRungs\Squad\SquadPlace;
use EvenRungs\Squad\Turn;
use PHPUnit\Framework\TestCase;

/** One session for a squad: everybody on their own rung, on one clock. */
final class SquadTest extends TestCase
{
    private const MIXED = ['front-plank/forearms-wall', 'side-bridge/top-leg-lifted', 'press-out/walking'];

    private const BEGINNER = ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'press-out/standing-short'];

    public function test_the_clock_goes_through_all_stations_with_a_change_between_and_a_rest_between_rounds(): void
    {
        $clock = new SquadClock(3, 40, 20, 2, 60);

        // 2 × (3 × 40 + 2 × 20) + 60
        self::assertSame(380, $clock->seconds());
        self::assertSame(
            ['ready', 'work', 'change', 'work', 'change', 'work', 'rest', 'work', 'change', 'work', 'change', 'work'],
            array_map(static fn($turn): string => $turn->kind->value, $clock->turns()),
            'ten seconds to walk to where they begin, which nobody counts; nothing is rested after the very last',
        );
        self::assertSame([[1, 0], [1, 0], [1, 1], [1, 1], [1, 2], [1, 2], [2, 0], [2, 0]], array_map(static fn(Turn $turn): array => [$turn->round, $turn->place], array_slice($clock->turns(), 0, 8)), 'a change and a rest speak of where they lead to');
        self::assertSame([2, 0, 1], $clock->way(2), 'who begins at the last goes on to the first');
        self::assertSame([[], 0, []], [(new SquadClock(0, 40, 20, 2, 60))->turns(), (new SquadClock(0, 40, 20, 2, 60))->seconds(), (new SquadClock(0, 40, 20, 2, 60))->way(0)]);
    }

    public function test_everybody_is_on_their_own_rung_and_nobody_works_longer_than_their_level(): void
    {
        $squad = self::squad(new SquadClock(3, 45, 30, 2, 60), self::record(self::BEGINNER), self::record(self::MIXED));

        self::assertSame(self::BEGINNER, array_map(static fn(SquadPlace $place): ?string => $place->rung()?->slug, $squad->members[0]->places));
        // Common practice by level: foundation 20 s, beginner 30, intermediate 45, advanced 60; the station asks for 45.
        self::assertSame([30, 30, 30], self::works($squad, 0));
        self::assertSame([20, 45, 45], self::works($squad, 1));
        self::assertSame([Rule::SquadClock], self::rules($squad->members[0]->places[0]->notes));
        self::assertSame([], $squad->members[1]->places[1]->notes);
    }

    public function test_where_form_is_lost_the_rung_below_takes_the_rest_of_the_station(): void
    {
        $squad = self::squad(new SquadClock(3, 45, 30, 2, 60), self::record(self::MIXED), self::record(self::MIXED, limits: [State::ShoulderPain]));
        $easier = static fn(int $member, int $station): array => array_map(static fn(array $version): array => [$version[0], $version[1]->rung()?->slug, $version[1]->inWords()], $squad->members[$member]->easier($squad->members[$member]->places[$station]));

        self::assertSame([['Side bridge with top arm reach under', 'side-bridge/reach-under', '45 s: 20 s each side, left first']], $easier(0, 1));
        self::assertSame('20 s, right side alone', $easier(1, 1)[0][2], 'a side that rests for a limit rests there, too');
        self::assertSame([], $easier(0, 0), 'nothing is lower');
    }

    public function test_the_sides_take_turns_at_a_station_as_in_every_session_by_the_clock(): void
    {
        $clock = new SquadClock(3, 45, 30, 2, 60);
        $squad = self::squad($clock, self::record(self::MIXED), self::record(self::MIXED, limits: [State::ShoulderPain]));
        [$both, $alone] = [$squad->members[0]->places[1], $squad->members[1]->places[1]];

        self::assertSame([[20, 5, 20], '45 s: 20 s each side, left first'], [array_map(static fn(Cue $cue): int => $cue->seconds, $both->pieces()), $both->inWords()]);
        self::assertSame('20 s', $squad->members[0]->places[0]->inWords());
        // The left shoulder rests: the right side has its part of the station, and no more.
        self::assertSame([20, 45, '20 s, right side alone'], [$alone->work(), $alone->written(), $alone->inWords()]);
        self::assertSame('2x20s on/right', DoseLine::print($alone->item->dose ?? self::fail()));
        self::assertSame(['station-2', '2x45s on'], self::lines($squad->members[1]->written($clock, 0)[0]->items)[1], 'both sides are written, for when it rests no more');
    }

    /** Raised pressure: no hold above 10 s at effort 7 or more (common caution); on one clock nobody sees each one's effort. */
    public function test_a_hold_that_a_limit_keeps_short_is_cut_up_into_what_the_station_has_time_for(): void
    {
        $clock = new SquadClock(3, 45, 20, 2, 60);
        $squad = self::squad($clock, self::record(['front-plank/forearms-toes', 'side-bridge/top-leg-lifted', 'press-out/walking'], limits: [State::RaisedPressure]));
        [$plank, $side, $walking] = $squad->members[0]->places;

        // 10 + 5 + 10 of its 30 s; of 20 s for each side there is time for one.
        self::assertSame(['25 s: 2 × 10 s', [Rule::SquadClock, Rule::LimitCaution]], [$plank->inWords(), self::rules($plank->notes)]);
        self::assertSame('25 s: 10 s each side, left first', $side->inWords());
        self::assertSame('45 s: 20 s each side, left first', $walking->inWords(), 'what moves holds nothing');
        self::assertSame([45 - 25 + 20, 45 - 25 + 20], self::rests($squad->members[0]->written($clock, 0)[0])[0], 'the rest is rested');
        self::assertNotContains(Rule::LimitCaution, self::rules($squad->members[0]->cautions($clock)));
    }

    public function test_where_a_squad_trains_its_own_kit_says_what_is_open(): void
    {
        $bare = self::record(self::BEGINNER)->withKit([]);
        $place = static fn(PersonRecord $record): SquadPlace => self::squad(new SquadClock(3, 30, 20, 2, 60), $record)->members[0]->places[2];

        self::assertNotSame('press-out/standing-short', $place($bare)->rung()?->slug);
        self::assertSame('press-out/standing-short', $place($bare->withKit([Kit::Band]))->rung()?->slug);
    }

    public function test_who_begins_at_a_later_station_has_the_same_session_in_the_order_they_come_to_it(): void
    {
        $squad = self::squad($clock = new SquadClock(3, 45, 30, 2, 60), self::record(self::MIXED));

        [$first] = $squad->members[0]->written($clock, 0);
        self::assertSame([['station-1', '2x20s on'], ['station-2', '2x45s on'], ['station-3', '2x45s on']], self::lines($first->items));
        // Twenty of 45 s worked: the other 25 are rested with the change.
        self::assertSame([[55, 30], 60], [$first->gapSeconds, $first->roundRestSeconds]);
        [$second] = $squad->members[0]->written($clock, 1);
        self::assertSame([['station-2', '2x45s on'], ['station-3', '2x45s on'], ['station-1', '2x20s on']], self::lines($second->items));
        self::assertSame([[30, 30], 85], [$second->gapSeconds, $second->roundRestSeconds], 'the last of a round rests into the next');
        foreach ([0, 1, 2] as $start) {
            $blocks = $squad->members[0]->written($clock, $start);
            // Who stops before the clock does rests what is left: never longer than the clock, and over it by nothing.
            self::assertContains($squad->members[0]->record->read($blocks)->session?->timeline()->totals()->total(), [$clock->seconds(), $clock->seconds() - 25]);
        }
    }

    /** Trunk flexion is put away by the usual method: nobody has anything open there. */
    public function test_the_clock_goes_on_for_who_has_nothing_open_at_a_station(): void
    {
        $clock = new SquadClock(4, 30, 20, 2, 60);
        $squad = Squad::of(self::ladders('front-plank', 'trunk-flexion', 'side-bridge', 'press-out'), $clock, [self::record(self::BEGINNER)]);
        $member = $squad->members[0];
        self::assertSame([30, 0, 30, 30], self::works($squad, 0));
        self::assertStringContainsString('nothing open fits', $member->places[1]->notes[0]->sentence);

        // 30 s of plank, then the change, the station left out and the change after it: 20 + 30 + 20.
        self::assertSame([[70, 20], 60], self::rests($member->written($clock, 0)[0]));
        // Left out first: 30 + 20 s are rested before every round. Of the two seconds of nothing before the very first nobody speaks.
        self::assertSame([[20, 20], 60 + 50], self::rests($member->written($clock, 1)[0]));
        // Left out last.
        self::assertSame([[20, 20], 50 + 60], self::rests($member->written($clock, 2)[0]));
        self::assertSame(1, count(Squad::of(self::ladders('front-plank', 'trunk-flexion'), $two = new SquadClock(2, 30, 20, 2, 60), [self::record(self::BEGINNER)])->members[0]->written($two, 0)), 'one is left: straight sets');
    }

    public function test_what_was_stopped_after_pain_is_not_done_and_it_is_said(): void
    {
        $place = self::squad(new SquadClock(3, 30, 20, 2, 60), self::record(self::BEGINNER, stopped: ['press-out']))->members[0]->places[2];

        self::assertSame(Rule::PainHigh, $place->notes[0]->rule);
        self::assertNotSame('press-out', $place->rung()?->ladder);
    }

    public function test_who_is_not_placed_on_the_ladder_of_a_station_does_what_they_stand_on_of_the_same_demand(): void
    {
        $place = self::squad(new SquadClock(3, 30, 20, 2, 60), self::record(['dead-bug/alternating-lifts']))->members[0]->places[0];

        self::assertSame(['dead-bug/alternating-lifts', Rule::SquadStation], [$place->rung()?->slug, $place->notes[0]->rule]);
        self::assertStringContainsString('Not placed on “', $place->notes[0]->sentence);
    }

    public function test_what_they_do_at_its_own_station_stands_in_at_no_other(): void
    {
        $record = self::record(['front-plank/forearms-toes']);
        [$deadBug, $plank] = Squad::of(self::ladders('dead-bug', 'front-plank'), new SquadClock(2, 30, 20, 2, 60), [$record])->members[0]->places;

        self::assertSame(['front-plank/forearms-toes', []], [$plank->rung()?->slug, $plank->notes]);
        self::assertSame(['dead-bug', [Rule::Template]], [$deadBug->rung()?->ladder, self::rules($deadBug->notes)]);
        self::assertStringStartsWith('Not placed on “Dead-bug ladder”', $deadBug->notes[0]->sentence);
    }

    public function test_nothing_stands_in_that_is_above_where_they_stand_on_its_ladder(): void
    {
        $record = self::record(['floor-anti-rotation/knee-fall-out', 'press-out/walking']);
        $places = Squad::of(self::ladders('floor-anti-rotation', 'standing-turn', 'press-out'), new SquadClock(3, 30, 20, 2, 60), [$record->withKit([])])->members[0]->places;

        foreach ($places as $place) {
            $rung = $place->rung();
            $working = $rung === null ? null : $record->workingRung($rung->ladder);
            self::assertFalse($rung !== null && $working !== null && $rung->height->above($working->height) > 0, "{$rung?->name} at station {$place->station}");
        }
        self::assertSame('floor-anti-rotation/knee-fall-out', $places[0]->rung()?->slug);
    }

    /** Nobody asks again for what was too much: also not where a limit makes holds of the seconds of a station. */
    public function test_holds_that_were_too_much_at_a_station_are_fewer_the_next_time(): void
    {
        $clock = new SquadClock(3, 45, 20, 2, 60);
        $rungs = ['front-plank/forearms-toes', 'side-bridge/top-leg-lifted', 'press-out/walking'];
        $last = new LoggedSession('last', 'squad', Day::parse('2026-05-29'), 9, 600, array_map(static fn(int $set): LoggedSet => new LoggedSet('station-1', 'front-plank/forearms-toes', '2x(2x10s/5)', 10, null, null, [], 0, 9, false, null, null, $set), [1, 2]), []);
        $place = static fn(LoggedSession ...$logs): SquadPlace => self::squad($clock, self::record($rungs, limits: [State::RaisedPressure], logs: array_values($logs)))->members[0]->places[0];

        self::assertSame('25 s: 2 × 10 s', $place()->inWords());
        self::assertSame('10 s', $place($last)->inWords());
        self::assertStringContainsString('since the effort was 9 of 10', implode(' ', array_map(static fn(Reason $note): string => $note->sentence, $place($last)->notes)));
    }

    public function test_who_is_not_admitted_to_training_has_no_place_and_starts_go_round_without_them(): void
    {
        $sign = self::record(self::BEGINNER, signs: [new Sign(Urgency::BeforeTraining, 5)]);
        $squad = self::squad(new SquadClock(3, 30, 30, 2, 60), self::record(self::BEGINNER), $sign, self::record(self::BEGINNER), self::record(self::BEGINNER), self::record(self::BEGINNER));

        self::assertSame([[], false], [$squad->members[1]->places, $squad->members[1]->trains()]);
        self::assertSame([0 => 0, 2 => 1, 3 => 2, 4 => 0], $squad->starts([0, 1, 2, 3, 4]), 'the fifth shares the first station');
        self::assertSame([2 => 0, 4 => 1], $squad->starts([2, 4]), 'who is not here today leaves no gap');
    }

    public function test_what_lies_at_a_station_is_counted_for_those_who_are_there_at_the_same_time(): void
    {
        $squad = self::squad(new SquadClock(3, 30, 30, 2, 60), ...array_fill(0, 5, self::record(self::BEGINNER)));

        self::assertSame([2], array_values($squad->kit(2, $squad->starts([0, 1, 2, 3, 4]))), 'five at three stations: two at once');
        self::assertSame([1], array_values($squad->kit(2, $squad->starts([0, 1, 2]))));
    }

    public function test_stations_are_proposed_for_every_demand_of_the_week_on_the_ladders_most_stand_on(): void
    {
        $library = ShippedLibrary::get();
        $records = [self::record(self::BEGINNER), self::record(self::BEGINNER), self::record(['dead-bug/alternating-lifts'])];
        $squad = Squad::proposed($library, $records);
        $proposed = $squad->stations;

        self::assertSame(['anti-extension', 'anti-lateral-flexion', 'anti-flexion', 'anti-rotation', 'hip-stability'], array_map(static fn(Ladder $ladder): string => $ladder->demand->value, $proposed));
        self::assertSame(['front-plank', 'side-bridge', 'press-out'], array_map(static fn(int $at): string => $proposed[$at]->slug, [0, 1, 3]));
        self::assertSame(5, $squad->clock->stations);
    }

    /** Common practice by level: 30 and 30 s, two rounds, for beginners. */
    public function test_the_clock_proposed_is_that_of_the_level_in_the_middle(): void
    {
        $rungs = array_map(ShippedLibrary::rung(...), ['front-plank/forearms-wall', 'front-plank/forearms-knees', 'press-out/walking']);

        self::assertEquals(new SquadClock(5, 30, 30, 2, 60), SquadClock::proposed(5, $rungs));
        self::assertEquals(new SquadClock(5, 20, 40, 2, 60), SquadClock::proposed(5, []), 'nobody is placed: as for the lowest level, of once or twice the second');
    }

    /** Twenty seconds to another position, by common practice as between exercises. */
    public function test_a_change_that_is_shorter_than_it_takes_to_another_position_is_said_once(): void
    {
        $said = static fn(int $change): bool => in_array(Rule::CircuitChangeOver, self::rules(self::squad(new SquadClock(3, 30, $change, 2, 60), self::record(self::BEGINNER))->notes()), true);

        self::assertSame([true, false], [$said(15), $said(20)]);
    }

    public function test_a_station_that_is_longer_than_most_of_them_work_is_said_once(): void
    {
        $beginners = array_fill(0, 3, self::record(self::BEGINNER));
        $said = static fn(int $work): array => array_values(array_filter(self::squad(new SquadClock(3, $work, 30, 2, 60), ...$beginners)->notes(), static fn(Reason $reason): bool => $reason->rule === Rule::SquadClock));

        self::assertSame([], $said(30));
        self::assertStringContainsString('9 of 9 places are shorter. As their levels have it: 30 s, then 30 s.', $said(60)[0]->sentence);
        self::assertSame(['anti-flexion'], array_map(static fn(Reason $reason): string => $reason->inputs[0]->value, array_values(array_filter(self::squad(new SquadClock(3, 30, 30, 2, 60), ...$beginners)->notes(), static fn(Reason $reason): bool => $reason->rule === Rule::WorkShares))));
    }

    public function test_what_limits_and_rules_say_of_a_session_is_said_of_each_ones_own(): void
    {
        $clock = new SquadClock(3, 30, 20, 2, 60);
        $toes = ['front-plank/tight-plank', 'side-bridge/knees-bent', 'press-out/standing-short'];
        $squad = self::squad($clock, self::record($toes), self::record($toes, limits: [State::AbdominalSeparation]));

        self::assertSame([], $squad->members[0]->cautions($clock));
        $said = self::rules($squad->members[1]->cautions($clock));
        self::assertContains(Rule::LimitCaution, $said, 'the belly stays flat');
        self::assertNotContains(Rule::WorkShares, $said, 'what no station asks for is said of the squad');
    }

    public function test_who_was_not_asked_how_the_morning_was_is_asked_before_they_train(): void
    {
        $clock = new SquadClock(3, 30, 20, 2, 60);
        $yesterday = new LoggedSession('log', 'session', Day::parse('2026-05-31'), 1, 600, [new LoggedSet('item', 'front-plank/forearms-knees', '1x20s', 20, null, null, [], 0, 6, false, null)], []);
        $said = self::squad($clock, self::record(self::BEGINNER, logs: [$yesterday]))->members[0]->cautions($clock);

        self::assertSame(Rule::PainMorning, $said[0]->rule);
    }

    private static function squad(SquadClock $clock, PersonRecord ...$records): Squad
    {
        return Squad::of(self::ladders('front-plank', 'side-bridge', 'press-out'), $clock, array_values($records));
    }

    /** @return list<Ladder> */
    private static function ladders(string ...$slugs): array
    {
        return array_values(array_map(ShippedLibrary::get()->ladder(...), $slugs));
    }

    /** @return list<int> */
    private static function works(Squad $squad, int $member): array
    {
        return array_map(static fn(SquadPlace $place): int => $place->work(), $squad->members[$member]->places);
    }

    /**
     * @param list<WrittenItem> $items
     *
     * @return list<array{string, string}>
     */
    private static function lines(array $items): array
    {
        return array_map(static fn(WrittenItem $item): array => [$item->id, $item->dose], $items);
    }

    /** @return array{list<int>, int} */
    private static function rests(WrittenBlock $block): array
    {
        return [$block->gapSeconds, $block->roundRestSeconds];
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

    /**
     * @param list<string> $rungs   where they stand
     * @param list<string> $stopped ladders
     * @param list<Sign>   $signs
     * @param list<State>  $limits
     * @param list<LoggedSession> $logs
     */
    private static function record(array $rungs, array $stopped = [], array $signs = [], array $limits = [], array $logs = []): PersonRecord
    {
        $today = Day::parse('2026-06-01');
        $placings = array_map(static fn(int $at, string $rung): Placing => new Placing("p{$at}", ShippedLibrary::rung($rung)->ladder, Side::Both, $rung, in_array(ShippedLibrary::rung($rung)->ladder, $stopped, true), $at + 1, $today), array_keys($rungs), $rungs);

        return new PersonRecord(ShippedLibrary::get(), Method::default(), $today, new Profile(Aim::Even, null, null, null, [1], 30, Kit::cases(), null, []), new Safety(array_map(static fn(State $state): NotedLimit => new NotedLimit($state, $state->isSided() ? Side::Left : Side::Both, $today, false), $limits), $signs, [], $today), History::of($placings, [], $logs, [], [], null));
    }
}
