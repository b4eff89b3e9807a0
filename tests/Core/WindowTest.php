<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\Window;
use EvenRungs\Progress\Morning;
use PHPUnit\Framework\TestCase;

/** How far back the rules look (own choice). */
final class WindowTest extends TestCase
{
    public function test_the_newest_24_sessions_of_a_ladder_are_looked_at(): void
    {
        $logs = array_map(static fn(int $day): LoggedSession => self::log($day, 'front-plank/forearms-toes'), range(1, 30));

        self::assertSame(range(7, 30), self::days(Window::of($logs)));
    }

    public function test_a_ladder_trained_seldom_keeps_its_own_sessions_however_much_else_was_done_since(): void
    {
        $logs = [self::log(1, 'side-bridge/full'), ...array_map(static fn(int $day): LoggedSession => self::log($day, 'front-plank/forearms-toes'), range(2, 60))];

        self::assertSame([1, ...range(37, 60)], self::days(Window::of($logs)));
    }

    public function test_a_session_that_stopped_something_is_looked_at_beyond_that(): void
    {
        $logs = array_map(static fn(int $day): LoggedSession => self::log($day, 'front-plank/forearms-toes', match ($day) {
            3 => 6,
            5 => 5,
            default => 0,
        }, worse: $day === 4), range(1, 40));

        self::assertSame([3, 4, ...range(17, 40)], self::days(Window::of($logs)), 'pain 6, and worse the next morning; pain 5 stops nothing');
    }

    public function test_the_newest_session_is_looked_at_even_where_no_set_of_it_was_logged(): void
    {
        $empty = new LoggedSession('empty', 'session', Day::parse('2026-01-01')->plusDays(50), 50, null, [], []);

        self::assertSame([1, 50], self::days(Window::of([$empty, self::log(1, 'side-bridge/full')])));
    }

    public function test_looking_through_the_window_twice_shows_the_same(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 30; $round++) {
            $logs = [];
            for ($day = 1; $day <= 90; $day++) {
                $logs[] = self::log($day, ['front-plank/a', 'side-bridge/a', 'carry/a', 'bridge/a'][mt_rand(0, 3)], mt_rand(0, 12) === 0 ? 7 : 0);
            }
            shuffle($logs);

            self::assertEquals(Window::of($logs), Window::of(Window::of($logs)));
        }
    }

    public function test_what_was_done_is_known_in_brief_beyond_the_window_and_asking_further_back_than_was_read_is_an_error(): void
    {
        $logs = array_map(static fn(int $day): LoggedSession => self::log($day, 'front-plank/forearms-toes'), range(1, 60));
        $all = History::of([], [], $logs, [], [], null);

        self::assertCount(24, $all->logs());
        self::assertCount(60, $all->done());
        self::assertSame(['front-plank' => 1], $all->done()[0]->sets);
        self::assertEqualsWithDelta(50.0, $all->done()[0]->load->load, 1e-9, 'effort 5, ten minutes');
        $some = History::of([], [], $logs, [], [], null, done: array_slice($all->done(), 30), doneSince: Day::parse('2026-02-01'));
        self::assertCount(30, $some->done(Day::parse('2026-02-01')));
        $this->expectException(\LogicException::class);
        $some->done(Day::parse('2026-01-31'));
    }

    private static function log(int $day, string $rung, int $pain = 0, bool $worse = false): LoggedSession
    {
        $ladder = (string) strstr($rung, '/', true);

        return new LoggedSession("log-{$day}", 'session', Day::parse('2026-01-01')->plusDays($day), $day, 600, [new LoggedSet('item', $rung, '2x20s', 20, null, null, [], $pain, 5, false, null)], $worse ? [new MorningAnswer($ladder, new Morning(2, true), $day)] : []);
    }

    /**
     * @param list<LoggedSession> $logs
     *
     * @return list<int>
     */
    private static function days(array $logs): array
    {
        return array_map(static fn(LoggedSession $log): int => $log->sequence, $logs);
    }
}
