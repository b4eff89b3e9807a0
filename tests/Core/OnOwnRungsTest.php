<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\SessionStart;
use EvenRungs\Person\UpToDate;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Part;
use EvenRungs\Session\Warning;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use PHPUnit\Framework\TestCase;

/** Another person's session begins where this one stands, not where the other does ({@see Rule::Template}). */
final class OnOwnRungsTest extends TestCase
{
    public function test_of_a_ladder_nobody_placed_them_on_they_do_what_they_do_for_the_same_demand(): void
    {
        // The other stands at 7.6 of a ladder this one was never on; for the side this one carries, at 4.0.
        $start = self::from(['side-bridge/band-row' => '3x8/side'], ['carry/one-side-light']);

        self::assertSame(['carry/one-side-light'], self::rungs($start));
        self::assertStringContainsString('the working rung here', implode(' ', self::said($start)));
    }

    public function test_where_the_session_has_that_already_the_other_ladder_is_not_begun_beside_it(): void
    {
        $start = self::from(['carry/one-side-overhead' => '3x15m/side', 'side-bridge/band-row' => '3x8/side'], ['carry/one-side-light']);

        self::assertSame(['carry/one-side-light'], self::rungs($start));
        self::assertStringContainsString('which the session has already', implode(' ', self::said($start)));
    }

    public function test_who_stands_nowhere_in_a_demand_begins_low(): void
    {
        $start = self::from(['rollout/barbell' => '3x6'], ['carry/one-side-light']);
        $rung = ShippedLibrary::rung(self::rungs($start)[0]);

        self::assertLessThanOrEqual(24, $rung->height->tenths);
        self::assertStringContainsString('not placed yet, so it begins low', implode(' ', self::said($start)));
    }

    public function test_a_closed_rung_that_stands_in_begins_with_care(): void
    {
        // Without weights the carry is closed to them: of the side bridge, which they are not on, a careful start.
        $start = self::from(['side-bridge/leg-swing' => '3x6/side'], ['carry/one-side-heavy'], [Kit::Mat]);
        $carry = ShippedLibrary::rung('carry/one-side-heavy');

        self::assertSame('side-bridge', ShippedLibrary::rung(self::rungs($start)[0])->ladder);
        self::assertGreaterThanOrEqual(Ladder::CAREFUL_TENTHS, $carry->height->above(ShippedLibrary::rung(self::rungs($start)[0])->height));
        self::assertStringContainsString('is a careful start', implode(' ', self::said($start)));
    }

    public function test_for_a_closed_rung_they_do_what_they_do_more_of_elsewhere(): void
    {
        // Without weights only lower rungs of the side bridge could stand in, on which they stand higher.
        $start = self::from(['carry/one-side-heavy' => '3x15m/side'], ['side-bridge/top-foot-front', 'carry/two-hand-carry'], [Kit::Mat]);

        self::assertSame(['side-bridge/top-foot-front'], self::rungs($start));
        self::assertStringContainsString('in place of “'.ShippedLibrary::rung('carry/one-side-heavy')->name.'”: the working rung here.', implode(' ', self::said($start)));
    }

    public function test_a_primer_stays_one(): void
    {
        $record = self::record(['front-plank/tight-plank', 'press-out/standing']);
        $start = SessionStart::fromAnother(new WrittenSession('of another', 'Session', [WrittenBlock::straight(new WrittenItem('a', 'front-plank/forearms-knees', '1x10s'), Part::Primer), WrittenBlock::straight(new WrittenItem('b', 'press-out/walking', '3x8/side'))]), $record);
        $session = $record->read($start->blocks)->session;

        self::assertNotNull($session);
        self::assertSame([Part::Primer, Part::Main], array_map(static fn(WrittenBlock $block): Part => $block->part, $start->blocks));
        self::assertGreaterThanOrEqual(20, ShippedLibrary::rung('front-plank/tight-plank')->height->above($session->items()[0]->rung->height));
        self::assertSame('press-out/standing', $session->items()[1]->rung->slug);
        self::assertNotContains(Rule::Primer, array_map(static fn(Warning $warning): Rule => $warning->reason->rule, $record->warnings()->in($session)->about($session->items()[0], Part::Primer, false)));
    }

    public function test_two_exercises_of_one_ladder_are_one_here(): void
    {
        $start = self::from(['front-plank/body-saw' => '3x8', 'front-plank/tight-plank' => '3x10s'], ['front-plank/forearms-toes']);

        self::assertSame(['front-plank/forearms-toes'], self::rungs($start));
        self::assertStringContainsString('here that is “Front plank, forearms and toes”, which the session has already', implode(' ', self::said($start)));
    }

    public function test_a_station_is_cut_up_where_a_limit_caps_holds(): void
    {
        $record = self::record(['front-plank/forearms-toes', 'press-out/standing'], null, [State::RaisedPressure]);
        $stations = [new WrittenItem('a', 'front-plank/body-saw', '2x30s on'), new WrittenItem('b', 'press-out/walking', '2x30s on')];
        $start = SessionStart::fromAnother(new WrittenSession('of another', 'Circuit', [new WrittenBlock(true, $stations, [30], 30, Part::Main)]), $record);

        self::assertSame(['front-plank/forearms-toes' => '2x(2x10s/5)', 'press-out/standing' => '2x30s on'], array_column($start->blocks[0]->items, 'dose', 'rung'));
        self::assertStringContainsString('no hold over 10 s at effort 7 or more, so the 30 s are cut up', implode(' ', self::said($start)));
        self::assertSame([], UpToDate::alone($start->blocks, $record)->changes, 'nothing is left to be cut up at home');

        // The stations of a template have the seconds of their clock that are no work any more as rest.
        $circuit = SessionStart::fromTemplate(TemplateTest::templates()['six-station-circuit'][0], $record);
        $clock = array_values(array_filter($circuit->blocks, static fn(WrittenBlock $block): bool => $block->isCircuit))[0];
        $plank = array_search('front-plank/forearms-toes', array_column($clock->items, 'rung'), true);
        self::assertIsInt($plank);
        self::assertSame('2x(2x10s/5)', $clock->items[$plank]->dose);
        self::assertSame(30 + 5, $clock->gapSeconds[$plank] ?? null, 'two holds of ten with five between take 25 of the 30 s');
        self::assertSame([], UpToDate::alone($circuit->blocks, $record)->changes);
    }

    public function test_what_follows_a_station_that_is_left_out_does_not_come_without_rest(): void
    {
        // The first two are a superset; the second is the same exercise here.
        $stations = [new WrittenItem('a', 'front-plank/body-saw', '2x20s on'), new WrittenItem('b', 'front-plank/tight-plank', '2x20s on'), new WrittenItem('c', 'press-out/walking', '2x20s on')];
        $start = SessionStart::fromAnother(new WrittenSession('of another', 'Circuit', [new WrittenBlock(true, $stations, [0, 60], 60, Part::Main)]), self::record(['front-plank/forearms-toes', 'press-out/standing']));

        self::assertSame([['front-plank/forearms-toes', 'press-out/standing'], [60]], [self::rungs($start), $start->blocks[0]->gapSeconds]);
    }

    /**
     * @param array<string, string> $theirs doses by rung
     * @param list<string>          $board
     * @param list<Kit>|null        $kit
     */
    private static function from(array $theirs, array $board, ?array $kit = null): SessionStart
    {
        $blocks = array_map(static fn(string $rung, string $dose): WrittenBlock => WrittenBlock::straight(new WrittenItem(str_replace('/', '-', $rung), $rung, $dose)), array_keys($theirs), $theirs);

        return SessionStart::fromAnother(new WrittenSession('of another', 'Session', $blocks), self::record($board, $kit));
    }

    /**
     * @param list<string>   $board
     * @param list<Kit>|null $kit
     * @param list<State>    $states
     */
    private static function record(array $board, ?array $kit = null, array $states = []): PersonRecord
    {
        $today = Day::parse('2026-06-01');
        $placings = array_map(static fn(string $slug, int $at): Placing => new Placing("p{$at}", (string) strstr($slug, '/', true), Side::Both, $slug, false, $at, $today), $board, array_keys($board));

        return new PersonRecord(ShippedLibrary::get(), Method::default(), $today, new Profile(Aim::Even, null, null, null, [1], 30, $kit ?? Kit::cases(), null, []), new Safety(array_map(static fn(State $state): NotedLimit => new NotedLimit($state, Side::Both, $today, false), $states), [], [], $today), History::of($placings, [], [], [], [], null));
    }

    /** @return list<string> */
    private static function rungs(SessionStart $start): array
    {
        return array_merge(...array_map(static fn(WrittenBlock $block): array => array_map(static fn(WrittenItem $item): string => $item->rung, $block->items), $start->blocks));
    }

    /** @return list<string> */
    private static function said(SessionStart $start): array
    {
        return array_map(static fn(Reason $note): string => $note->sentence, $start->notes);
    }
}
