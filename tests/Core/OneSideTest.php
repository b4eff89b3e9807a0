<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\InvalidDose;
use EvenRungs\Ladder\Allowance;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\SetLog;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\TimeKind;
use EvenRungs\Session\Warnings;
use PHPUnit\Framework\TestCase;

/** A sore side rests while the other works, and what is ruled out is never handed over. */
final class OneSideTest extends TestCase
{
    private const SIDE = 'side-bridge/knees-bent';

    public function test_25_with_a_sore_left_shoulder_the_right_side_alone_is_left_of_a_side_bridge(): void
    {
        $permitted = Permitted::of($this->straight(self::SIDE, '2x20s/side r45'), $this->soreLeftShoulder());

        self::assertNotNull($permitted->session);
        self::assertSame('2x20s/right r45', DoseLine::print($permitted->session->items()[0]->dose));
        self::assertSame(85, $permitted->session->timeline()->totals()->total());
        self::assertSame([Rule::LeftOut], array_map(static fn(Reason $reason): Rule => $reason->rule, $permitted->leftOut));
        self::assertStringContainsString('Right side only: “Side bridge, knees bent” is ruled out on the left side', $permitted->leftOut[0]->sentence);
    }

    public function test_a_rung_that_loads_both_sides_is_left_out_whole_and_nothing_may_be_left(): void
    {
        $permitted = Permitted::of($this->straight('front-plank/forearms-toes', '2x20s'), $this->soreLeftShoulder());

        self::assertNull($permitted->session);
        self::assertStringContainsString('Left out: “Front plank, forearms and toes” is ruled out', $permitted->leftOut[0]->sentence);
    }

    public function test_a_station_takes_its_gap_along_and_the_rest_of_the_circuit_stays(): void
    {
        $session = new Session([new Circuit([
            ShippedLibrary::item('press-out/standing', '2x10/side', 'press'),
            ShippedLibrary::item('front-plank/forearms-toes', '2x20s', 'plank'),
            ShippedLibrary::item('bridge/touch', '2x10', 'bridge'),
        ], [20, 30], 45)]);
        $left = Permitted::of($session, $this->soreLeftShoulder())->session;

        self::assertNotNull($left);
        self::assertSame(['press', 'bridge'], array_map(static fn(Item $item): string => $item->id, $left->items()));
        self::assertInstanceOf(Circuit::class, $left->blocks[0]);
    }

    public function test_a_dose_for_the_open_side_is_whole_and_one_for_the_sore_side_is_none(): void
    {
        $circumstances = $this->soreLeftShoulder();

        self::assertSame([], Permitted::of($this->straight(self::SIDE, '2x20s/right'), $circumstances)->leftOut);
        self::assertNull(Permitted::of($this->straight(self::SIDE, '2x20s/left'), $circumstances)->session);
    }

    public function test_by_the_clock_the_open_side_keeps_its_half_and_no_more(): void
    {
        $session = Permitted::of($this->straight(self::SIDE, '2x60s on r30'), $this->soreLeftShoulder())->session;

        self::assertNotNull($session);
        self::assertSame('2x27s on/right r30', DoseLine::print($session->items()[0]->dose));
        self::assertSame(27 + 30 + 27, $session->timeline()->totals()->total());
    }

    public function test_of_the_shortest_station_the_open_side_has_what_a_clock_can_ask_for(): void
    {
        // 20 s: 7 s for each side and a change of 5 s; less than 10 s is not written.
        self::assertSame('1x10s on/right', DoseLine::print(Permitted::of($this->straight(self::SIDE, '1x20s on'), $this->soreLeftShoulder())->session?->items()[0]->dose ?? self::fail()));
    }

    /** It shrank with every clean session: 45 s, of which one side did 20, was read as 20 s of both. */
    public function test_a_station_done_on_one_side_alone_stays_the_station_it_was(): void
    {
        $ticks = array_fill_keys(array_column(FormQuestion::cases(), 'value'), true);
        $rung = ShippedLibrary::rung('side-bridge/top-leg-lifted');
        $record = static fn(string $dose, int $right): PersonRecord => new PersonRecord(ShippedLibrary::get(), Method::default(), Day::parse('2026-06-04'), new Profile(Aim::Even, null, null, null, [], 30, Kit::cases(), null, []), new Safety([], [], [], Day::parse('2026-06-01')), History::of([new Placing('p', 'side-bridge', Side::Both, $rung->slug, false, 1, Day::parse('2026-05-01'))], [], [new LoggedSession('log', 'session', Day::parse('2026-06-01'), 2, null, array_map(static fn(int $set): LoggedSet => new LoggedSet('item', $rung->slug, $dose, null, null, $right, $ticks, 0, 6, false, Felt::Right, null, $set), [1, 2]), [])], [], [], null));

        self::assertSame(45, $record('2x20s on/right', 20)->doses()->clock($rung)->work);
        self::assertSame(40, $record('2x17s on/right', 17)->doses()->clock($rung)->work - 5, '40 s were done, clean: five more are due');
        self::assertSame(['2x45s on', [[45]]], [DoseLine::print(self::session($record('2x20s on/right', 20))->dose), self::done(self::session($record('2x20s on/right', 20)))]);
        self::assertTrue(self::session($record('2x20s on/right', 20))->reachedTarget());
        self::assertSame(['2x20s on', [[20]]], [DoseLine::print(self::session($record('2x20s on/right', 20))->asTold()->dose), self::done(self::session($record('2x20s on/right', 20))->asTold())], 'shown as it was told');
        self::assertFalse(self::session($record('2x12s on/right', 11))->reachedTarget(), 'a second short of its part is short of the station');
        self::assertSame(1800, self::session($record('2x1800s on/right', 1800))->dose->first()->target(), 'as long as a clock runs');
    }

    public function test_missing_kit_keeps_a_rung_from_the_person_but_a_school_does_not(): void
    {
        $noBand = new Circumstances([], [Kit::Mat], Method::default());

        self::assertNull(Permitted::of($this->straight('press-out/standing', '2x10/side'), $noBand)->session);
        $putAway = array_values(array_filter(ShippedLibrary::get()->ladder('trunk-flexion')->rungs, static fn($rung): bool => $rung->offeredWith !== null && $rung->kit === []))[0];
        $session = new Session([new StraightSets(new Item('fold', $putAway, $putAway->defaultDose(Method::default())))]);
        self::assertFalse($noBand->rule($putAway)->openSomewhere());
        self::assertNotNull(Permitted::of($session, $noBand)->session);
    }

    public function test_an_extra_set_of_one_side_is_a_set_of_that_side_alone(): void
    {
        $timeline = $this->straight(self::SIDE, '2x20s/side +1 left r45')->timeline();
        $work = array_values(array_filter($timeline->segments, static fn(Segment $segment): bool => $segment->stretch === TimeKind::Work));

        self::assertSame(['left', 'right', 'left', 'right', 'left'], array_map(static fn(Segment $segment): string => $segment->side->value, $work));
        self::assertSame(45 + 45 + 45 + 45 + 20, $timeline->totals()->total());
        self::assertSame('2 × 20 s each side, 1 more set left only', DoseWords::of(ShippedLibrary::item(self::SIDE, '2x20s/side +1 left')->dose));
    }

    public function test_of_two_sides_what_a_set_asks_for_is_the_smaller_dose_in_however_many_sets(): void
    {
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $set = static fn(string $dose, int $left, int $right, int $number): LoggedSet => new LoggedSet('item', self::SIDE, $dose, null, $left, $right, $ticks, $left === $right ? 0 : 1, 6, false, null, null, $number);
        $log = static fn(int $day, string $dose, int $sets, int $left, int $right): LoggedSession => new LoggedSession("log {$day}", 'session', Day::parse("2026-06-0{$day}"), $day, null, array_map(static fn(int $number): LoggedSet => $set($dose, $left, $right, $number), range(1, $sets)), []);
        $placed = static fn(Side $side, int $sequence): Placing => new Placing("p{$sequence} {$side->value}", 'side-bridge', $side, self::SIDE, false, $sequence, Day::parse('2026-06-01'));
        // Three sets of 20 s were clean, of two of 25 s the right fell short, with pain of 1; it went down for it, and came back: in no more sets than broke.
        $record = new PersonRecord(ShippedLibrary::get(), Method::default(), Day::parse('2026-06-07'), new Profile(Aim::Even, null, null, null, [], 30, Kit::cases(), null, []), new Safety([], [], [], Day::parse('2026-06-01')), History::of([$placed(Side::Left, 1), $placed(Side::Right, 1), $placed(Side::Right, 5)], [], [$log(2, '3x20s/side', 3, 20, 20), $log(3, '2x25s/side', 2, 25, 18)], [], [], null));

        $next = $record->doses()->next()[self::SIDE];
        self::assertSame('2x20s/side', DoseLine::print($next->dose));
        self::assertStringEndsWith('The right side sets the dose of both.', $next->reason->sentence);
    }

    public function test_when_a_side_is_to_rest_its_extra_sets_rest_too_and_those_of_the_other_stay(): void
    {
        self::assertSame('3x20s/left', DoseLine::print(ShippedLibrary::item(self::SIDE, '2x20s/side +1 left')->dose->onlyOn(Side::Left)));
        self::assertSame('2x20s/right', DoseLine::print(ShippedLibrary::item(self::SIDE, '2x20s/side +1 left')->dose->onlyOn(Side::Right)));
        $this->expectException(InvalidDose::class);
        ShippedLibrary::item('front-plank/forearms-toes', '2x20s')->dose->onlyOn(Side::Left);
    }

    public function test_a_log_is_read_for_each_side_with_the_sets_of_that_side(): void
    {
        $set = static fn(int $number, ?int $left, ?int $right): LoggedSet => new LoggedSet('item', self::SIDE, '2x20s/side +1 left', null, $left, $right, [], 0, 6, false, null, null, $number);
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [$set(1, 20, 20), $set(2, 20, 18), $set(3, 15, null)], []);

        $left = $log->exercises(ShippedLibrary::get(), Side::Left)[0];
        self::assertSame(['3x20s/side', 3, false], [DoseLine::print($left->dose), count($left->sets), $left->reachedTarget()]);
        $right = $log->exercises(ShippedLibrary::get(), Side::Right)[0];
        self::assertSame(['2x20s/side', 2, 18], [DoseLine::print($right->dose), count($right->sets), $right->sets[1]->least()]);
        self::assertSame(15, $log->exercises(ShippedLibrary::get(), Side::Both)[0]->sets[2]->least(), 'the right side was not asked for');
    }

    public function test_what_one_side_did_alone_is_no_session_of_the_other(): void
    {
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [new LoggedSet('item', self::SIDE, '1x20s/right', null, null, 20, [], 0, 6, false, null)], []);

        self::assertSame([], $log->exercises(ShippedLibrary::get(), Side::Left));
        self::assertTrue($log->exercises(ShippedLibrary::get(), Side::Right)[0]->reachedTarget());
        self::assertFalse($log->exercises(ShippedLibrary::get(), Side::Both)[0]->reachedTarget(), 'for both sides the left is missing');
    }

    public function test_the_composer_offers_the_open_side_before_another_rung(): void
    {
        $warnings = Warnings::knowing($this->soreLeftShoulder(), [], [], ShippedLibrary::get());
        $warning = $warnings->about(ShippedLibrary::item(self::SIDE, '2x20s/side'))[0];

        self::assertSame('Right side only', $warning->repair?->label);
        self::assertSame([], $warnings->about(ShippedLibrary::item(self::SIDE, '2x20s/right')));
    }

    public function test_an_allowance_opens_what_it_was_given_against_and_nothing_noted_later(): void
    {
        $rung = ShippedLibrary::rung('front-plank/forearms-toes');
        $allowed = [new Allowance('a', $rung->slug, ['limit:first'], 'forearms on a cushion, free of pain', Day::parse('2026-06-01'))];
        $shoulder = State::ShoulderPain->limit(Side::Left, noted: 'first');

        $ruling = (new Circumstances([$shoulder], Kit::cases(), Method::default(), $allowed))->rule($rung);
        self::assertTrue($ruling->openOn(Side::Both));
        self::assertSame(Rule::Allowed, $ruling->allowed[0]->rule);
        self::assertStringContainsString('forearms on a cushion', $ruling->allowed[0]->sentence);

        $again = State::ShoulderPain->limit(Side::Left, noted: 'second');
        self::assertFalse((new Circumstances([$again], Kit::cases(), Method::default(), $allowed))->rule($rung)->openSomewhere(), 'the same limit noted anew');
        self::assertFalse((new Circumstances([$shoulder], Kit::cases(), Method::default(), $allowed))->rule(ShippedLibrary::rung('front-plank/forearms-knees'))->openSomewhere(), 'another rung');
    }

    public function test_what_waits_for_a_clinician_is_not_the_trainers_to_allow(): void
    {
        $rung = ShippedLibrary::rung('carry/two-hand-carry');
        $hernia = State::Hernia->limit(Side::Both, noted: 'first');
        $circumstances = new Circumstances([$hernia], Kit::cases(), Method::default(), [new Allowance('a', $rung->slug, ['limit:first'], 'light', Day::parse('2026-06-01'))]);

        self::assertFalse($circumstances->rule($rung)->openSomewhere());
        self::assertFalse($circumstances->rule($rung)->mayBeAllowed());
        self::assertTrue($this->soreLeftShoulder()->rule(ShippedLibrary::rung('front-plank/forearms-toes'))->mayBeAllowed());
    }

    private function straight(string $rung, string $line): Session
    {
        return new Session([new StraightSets(ShippedLibrary::item($rung, $line))]);
    }

    private function soreLeftShoulder(): Circumstances
    {
        return new Circumstances([State::ShoulderPain->limit(Side::Left, noted: 'first')], Kit::cases(), Method::default());
    }

    private static function session(PersonRecord $record): RungSession
    {
        return $record->rungSessions(Side::Right)[0];
    }

    /** @return list<list<int|null>> */
    private static function done(RungSession $session): array
    {
        return array_values(array_unique(array_map(static fn(SetLog $set): array => $set->done, $session->sets), SORT_REGULAR));
    }
}
