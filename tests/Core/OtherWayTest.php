<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\OtherWay;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\FormQuestion;
use PHPUnit\Framework\TestCase;

/** Where the lowest rung that is open is too much, the demand is trained on another ladder meanwhile (our own choice). */
final class OtherWayTest extends TestCase
{
    /** The lowest of its ladder, at 5.8. */
    private const FALL_OUT = 'rollout/fall-out-steep';

    private const PLANK = 'front-plank/forearms-toes';

    public function test_where_they_stand_in_the_demand_is_named_first_so_that_this_ladder_can_wait(): void
    {
        $way = self::way([self::FALL_OUT, self::PLANK, 'dead-bug/arms-up']);

        self::assertSame(self::PLANK, $way?->rung->slug, 'the higher of the two');
        self::assertSame('decision.no-lower-rung', $way->reason()->rule->value);
        self::assertSame('“Front plank, forearms and toes” ('.$way->rung->height->label().'), where they stand, trains the same demand: this ladder can wait.', $way->reason()->sentence);
    }

    public function test_else_the_nearest_open_rung_of_a_ladder_that_nobody_placed_that_is_clearly_lower(): void
    {
        $way = self::way([self::FALL_OUT]);

        self::assertSame('front-plank/small-rock', $way?->rung->slug);
        self::assertSame('anti-extension', $way->rung->demand->value);
        self::assertLessThanOrEqual(53, $way->rung->height->tenths, 'half a height below 5.8');
        self::assertStringEndsWith('of another ladder trains the same demand, lower and open: this ladder can wait.', $way->reason()->sentence);
    }

    public function test_nothing_leads_to_a_ladder_that_was_stopped_or_to_one_they_stand_higher_on(): void
    {
        self::assertSame('front-plank', self::way([self::FALL_OUT])?->rung->ladder);
        self::assertNotSame('front-plank', self::way([self::FALL_OUT], stopped: [self::PLANK])?->rung->ladder);
        self::assertNotSame('front-plank', self::way([self::FALL_OUT, 'front-plank/body-saw'])?->rung->ladder, 'they stand above it there');
    }

    public function test_where_it_hurt_no_other_way_is_named(): void
    {
        self::assertNull(self::way([self::FALL_OUT, self::PLANK], pain: 4));
    }

    public function test_where_a_lower_rung_is_proposed_there_is_no_need_of_another_way(): void
    {
        self::assertNull(self::way(['rollout/ball-rollout', self::PLANK]));
    }

    /**
     * @param non-empty-list<string> $placed  the first of them broke in both sets
     * @param list<string>           $stopped
     */
    private static function way(array $placed, int $pain = 0, array $stopped = []): ?OtherWay
    {
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $ticks[FormQuestion::cases()[1]->value] = $pain > 0;
        $sets = array_map(static fn(int $number): LoggedSet => new LoggedSet('a', $placed[0], '2x6', 6, null, null, $ticks, $pain, 6, false, null, null, $number), [1, 2]);
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-10'), 100, null, $sets, []);
        $placing = static fn(string $rung, bool $isStopped): Placing => new Placing($rung, (string) strstr($rung, '/', true), Side::Both, $rung, $isStopped, 0, Day::parse('2026-06-01'));
        $placings = [...array_map(static fn(string $rung): Placing => $placing($rung, false), $placed), ...array_map(static fn(string $rung): Placing => $placing($rung, true), $stopped)];
        $record = new PersonRecord(ShippedLibrary::get(), Method::default(), Day::parse('2026-06-12'), new Profile(Aim::Even, null, null, null, [1, 3], 25, Kit::cases(), null, []), new Safety([], [], [], Day::parse('2026-06-01'), []), History::of($placings, [], [$log], [], [], null));
        $pending = $record->judgement()->pending();

        self::assertCount(1, $pending);
        self::assertSame(Decision::StepDown, $pending[0]->proposal->choice);

        return OtherWay::than($pending[0], $record);
    }
}
