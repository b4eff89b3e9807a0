<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use EvenRungs\Method\Method;
use EvenRungs\Person\Decided;
use EvenRungs\Person\EvennessLine;
use EvenRungs\Person\Growth;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use PHPUnit\Framework\TestCase;

/** What comes to a sheet on a later day, and what by then keeps it back. */
final class GrowthTest extends TestCase
{
    private const LOW = 'front-plank/forearms-knees';

    private const HIGH = 'front-plank/forearms-toes';

    public function test_a_version_above_where_a_step_down_led_since_is_held_back(): void
    {
        $stage = self::stage(StageKind::Variation, 'a', self::HIGH, '2x20s');

        self::assertSame('“Front plank, forearms and toes” stands above “Front plank, forearms, knees down”, to which a step down was decided since.', Growth::of(self::record(steppedDownAt: 20), self::session(), $stage, 10)->held);
        self::assertNull(Growth::of(self::record(steppedDownAt: 5), self::session(), $stage, 10)->held, 'decided before the stage was written');
        self::assertNull(Growth::of(self::record(steppedDownAt: 20), self::session(), self::stage(StageKind::Dose, 'a', null, '3x20s'), 10)->held, 'another dose of where the person stands');
    }

    public function test_a_version_above_where_they_were_placed_lower_since_is_held_back(): void
    {
        $stage = self::stage(StageKind::Variation, 'a', self::HIGH, '2x20s');
        $lower = static fn(int $at): PersonRecord => self::record(also: [new Placing('o', 'front-plank', Side::Both, self::HIGH, false, 1, Day::parse('2026-05-10')), new Placing('q', 'front-plank', Side::Both, self::LOW, false, $at, Day::parse('2026-05-30'))]);

        self::assertSame('“Front plank, forearms and toes” stands above “Front plank, forearms, knees down”, and they stood higher when it was planned.', Growth::of($lower(20), self::session(), $stage, 10)->held);
        self::assertNull(Growth::of($lower(5), self::session(), $stage, 10)->held, 'placed before the stage was written');
        self::assertNull(Growth::of($lower(20), self::session(), self::stage(StageKind::Variation, 'a', self::LOW, '2x20s'), 10)->held, 'where they stand now');
    }

    public function test_a_ladder_that_was_stopped_brings_nothing(): void
    {
        self::assertStringContainsString('stopped after pain', (string) Growth::of(self::record(stopped: true), self::session(), self::stage(StageKind::Addition, null, self::HIGH, '2x20s'), 10)->held);
    }

    public function test_of_a_circuit_one_exercise_at_a_time_is_the_first_alone(): void
    {
        $circuit = new WrittenBlock(true, [new WrittenItem('a', self::LOW, '2x20s'), new WrittenItem('b', 'bridge/touch', '2x10')], [15], 60);
        [$first, $later] = Growth::oneAtATime([$circuit]);

        self::assertSame([false, ['a'], ['b']], [$first[0]->isCircuit, array_column($first[0]->items, 'id'), array_column($later, 'id')]);
    }

    public function test_all_at_once_again_a_session_is_as_it_was_or_has_what_is_still_to_come_at_its_end(): void
    {
        $circuit = [new WrittenBlock(true, [new WrittenItem('a', self::LOW, '2x20s'), new WrittenItem('b', 'bridge/touch', '2x10')], [15], 60)];
        $written = [WrittenBlock::straight(new WrittenItem('a', self::LOW, '2x25s'))];
        $stage = new WrittenItem('stage', 'bridge/touch', '2x10');
        $dosesOf = static fn(array $blocks): array => array_map(static fn(mixed $block): array => $block instanceof WrittenBlock ? array_column($block->items, 'dose', 'id') : [], $blocks);

        $back = Growth::allAtOnce($written, $circuit, [$stage]);
        self::assertSame([true, [['a' => '2x25s', 'b' => '2x10']]], [$back[0]->isCircuit, $dosesOf($back)], 'with the dose its first exercise has by now');
        self::assertSame([['a' => '2x25s'], ['new' => '1x10'], ['stage' => '2x10']], $dosesOf(Growth::allAtOnce([...$written, WrittenBlock::straight(new WrittenItem('new', 'bridge/touch', '1x10'))], $circuit, [$stage])));
        self::assertSame([['stage' => '2x10']], $dosesOf(Growth::allAtOnce([], $circuit, [$stage])));
    }

    public function test_more_seconds_at_a_station_do_not_come_after_they_were_too_much_there(): void
    {
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $done = static fn(string $dose, int $effort): LoggedSession => new LoggedSession('log', 'session', Day::parse('2026-05-30'), 20, 300, [new LoggedSet('a', self::LOW, $dose, 20, null, null, $ticks, 0, $effort, false, Felt::Right)], []);
        $held = static fn(LoggedSession $log): ?string => Growth::of(self::record(logs: [$log]), [WrittenBlock::straight(new WrittenItem('a', self::LOW, '1x20s on'))], self::stage(StageKind::Dose, 'a', null, '1x30s on'), 10)->held;

        self::assertSame('Front plank, forearms, knees down: 10 s shorter, since the effort was 9 of 10.', $held($done('1x20s on', 9)));
        self::assertNull($held($done('1x20s on', 6)));
        self::assertNull($held($done('1x20s', 9)), 'a hold says nothing of the clock');
    }

    public function test_the_evenness_line_begins_where_two_demands_stood_first_and_says_how_far_apart_they_are(): void
    {
        $record = self::record(also: [new Placing('b', 'bridge', Side::Both, 'bridge/touch', false, 1, Day::parse('2026-05-18'))]);
        $line = EvennessLine::of($record);

        self::assertSame([$record->evenness()->spreadTenths], array_values(array_unique($line->tenths ?? [])));
        self::assertMatchesRegularExpression('/^Your lowest and your highest rung are \d\.\d apart, as 2 weeks ago\.$/', (string) $line?->sentence());
        self::assertNull(EvennessLine::of(self::record()), 'one demand is even with nothing');
    }

    /** @return list<WrittenBlock> */
    private static function session(): array
    {
        return [WrittenBlock::straight(new WrittenItem('a', self::LOW, '2x20s'))];
    }

    private static function stage(StageKind $kind, ?string $item, ?string $rung, string $dose): Stage
    {
        return new Stage('s', $kind, StageAfter::Days, 5, Day::parse('2026-05-28'), Day::parse('2026-06-01'), $item, $rung, $dose, '', null, null);
    }

    /**
     * @param list<Placing>       $also
     * @param list<LoggedSession> $logs
     */
    private static function record(?int $steppedDownAt = null, bool $stopped = false, array $also = [], array $logs = []): PersonRecord
    {
        $placings = [new Placing('p', 'front-plank', Side::Both, self::LOW, $stopped, 0, Day::parse('2026-05-01')), ...$also];
        $decisions = $steppedDownAt === null ? [] : [new Decided('front-plank', Side::Both, self::HIGH, Decision::StepDown, 'log', $steppedDownAt)];

        return new PersonRecord(
            ShippedLibrary::get(),
            Method::default(),
            Day::parse('2026-06-01'),
            new Profile(Aim::Even, null, null, null, [1, 3], 25, Kit::cases(), null, []),
            new Safety([], [], [], Day::parse('2026-05-01'), []),
            History::of($placings, $decisions, $logs, [], [], null),
        );
    }
}
