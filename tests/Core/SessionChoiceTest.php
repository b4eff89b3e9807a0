<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\SessionStart;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\WrittenBlock;
use PHPUnit\Framework\TestCase;

/** What a session made from the board takes of it: what its minutes hold, few exercises with all their sets (our own choice). */
final class SessionChoiceTest extends TestCase
{
    /** Front stands on three ladders, the plank highest; lateral is the weakest. */
    private const BOARD = ['front-plank/forearms-toes', 'dead-bug/alternating-lifts', 'leg-slide/flat-bend', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'bridge/short-top', 'shoulder-girdle/wall-push-away'];

    public function test_the_minutes_hold_one_exercise_for_each_demand_before_a_second_of_any(): void
    {
        $draft = self::draft(15);
        $ladders = self::ladders($draft);

        self::assertLessThanOrEqual(15 * 60, self::seconds($draft));
        self::assertSame([], array_diff(['front-plank', 'side-bridge', 'all-fours', 'press-out'], $ladders));
        self::assertNotContains('leg-slide', $ladders);
    }

    public function test_as_it_stands_in_the_order_of_the_method_it_is_over_its_minutes_only_where_it_says_so(): void
    {
        $over = 0;
        foreach (range(4, 40) as $minutes) {
            $draft = self::draft($minutes);
            if (self::seconds($draft) > 60 * $minutes) {
                self::assertStringStartsWith('The demands of every week alone take', $draft->notes[0]->sentence, "{$minutes} minutes");
                $over++;
            }
        }
        self::assertLessThan(12, $over);
    }

    public function test_what_is_left_is_named_with_the_minutes_that_are_full(): void
    {
        $draft = self::draft(15);
        $said = array_values(array_filter($draft->notes, static fn(Reason $note): bool => $note->rule === Rule::SessionChoice));

        self::assertCount(1, $said);
        self::assertStringStartsWith('15 minutes hold '.count($draft->blocks).' of the 8 ladders of the board with all their sets. For another day: ', $said[0]->sentence);
        self::assertStringContainsString('leg-slide', $said[0]->sentence);
    }

    public function test_where_everything_fits_everything_is_there_and_nothing_is_said(): void
    {
        $draft = self::draft(60);

        self::assertCount(8, $draft->blocks);
        self::assertSame([], array_filter($draft->notes, static fn(Reason $note): bool => $note->rule === Rule::SessionChoice));
    }

    public function test_whatever_time_there_is_one_session_takes_eight_exercises_at_most(): void
    {
        $draft = self::draft(90, board: [...self::BOARD, 'prone-extension/both-legs', 'hip-side/leg-lift']);

        self::assertCount(8, $draft->blocks);
        self::assertStringStartsWith('One session takes 8 of the 10 ladders of the board: more would be little of each.', $draft->notes[0]->sentence);
        self::assertSame([], array_diff(['front-plank', 'side-bridge', 'all-fours', 'press-out', 'bridge', 'shoulder-girdle'], self::ladders($draft)), 'one of each demand is among them');
    }

    public function test_the_four_demands_of_every_week_are_met_however_short_it_is(): void
    {
        $draft = self::draft(3);

        self::assertEqualsCanonicalizing(['front-plank', 'side-bridge', 'all-fours', 'press-out'], self::ladders($draft));
        self::assertMatchesRegularExpression('/^The demands of every week alone take \d+:\d\d of 3:00: 4 of the 8 ladders/', $draft->notes[0]->sentence);
    }

    public function test_of_one_demand_comes_first_what_no_other_session_has_then_what_was_trained_longest_ago(): void
    {
        $front = static fn(SessionStart $draft): array => array_values(array_intersect(self::ladders($draft), ['front-plank', 'dead-bug', 'leg-slide']));

        self::assertSame(['front-plank'], $front(self::draft(3)), 'the highest where nothing was trained yet');
        self::assertSame(['dead-bug'], $front(self::draft(3, elsewhere: ['front-plank', 'leg-slide'])));
        self::assertSame(['leg-slide'], $front(self::draft(3, trained: ['front-plank/forearms-toes' => '2026-05-20', 'dead-bug/alternating-lifts' => '2026-05-28', 'leg-slide/flat-bend' => '2026-05-18'])));
    }

    /**
     * @param list<string>          $elsewhere
     * @param array<string, string> $trained   day by rung
     * @param list<string>          $board
     */
    private static function draft(int $minutes, array $elsewhere = [], array $trained = [], array $board = self::BOARD): SessionStart
    {
        return SessionStart::fromBoard(self::record($minutes, $trained, $board), $elsewhere);
    }

    /**
     * @param array<string, string> $trained
     * @param list<string>          $board
     */
    private static function record(int $minutes, array $trained = [], array $board = self::BOARD): PersonRecord
    {
        $today = Day::parse('2026-06-01');
        $placings = array_map(static fn(string $slug, int $at): Placing => new Placing("p{$at}", (string) strstr($slug, '/', true), Side::Both, $slug, false, $at, Day::parse('2026-05-11')), $board, array_keys($board));
        $logs = array_map(static fn(string $slug, string $on): LoggedSession => new LoggedSession("log {$slug}", 'session', Day::parse($on), (int) str_replace('-', '', $on), 600, [new LoggedSet('item', $slug, DoseLine::print(ShippedLibrary::rung($slug)->defaultDose(Method::default())), 8, 8, 8, [], 0, 5, false, null)], []), array_keys($trained), $trained);

        return new PersonRecord(ShippedLibrary::get(), Method::default(), $today, new Profile(Aim::Even, null, null, null, [1, 4], $minutes, Kit::cases(), null, []), new Safety([], [], [], $today, []), History::of($placings, [], $logs, [], [], $today));
    }

    /** @return list<string> */
    private static function ladders(SessionStart $draft): array
    {
        return array_map(static fn(WrittenBlock $block): string => (string) strstr($block->items[0]->rung, '/', true), $draft->blocks);
    }

    private static function seconds(SessionStart $draft): int
    {
        return self::record(15)->read($draft->blocks)->session?->timeline()->totals()->total() ?? 0;
    }
}
