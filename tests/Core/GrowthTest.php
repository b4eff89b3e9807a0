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
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
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

    public function test_the_evenness_line_begins_where_two_demands_stood_first_and_says_how_far_apart_they_are(): void
    {
        $record = self::record(also: new Placing('b', 'bridge', Side::Both, 'bridge/touch', false, 1, Day::parse('2026-05-18')));
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

    private static function record(?int $steppedDownAt = null, bool $stopped = false, ?Placing $also = null): PersonRecord
    {
        $placings = [new Placing('p', 'front-plank', Side::Both, self::LOW, $stopped, 0, Day::parse('2026-05-01')), ...$also === null ? [] : [$also]];
        $decisions = $steppedDownAt === null ? [] : [new Decided('front-plank', Side::Both, self::HIGH, Decision::StepDown, 'log', $steppedDownAt)];

        return new PersonRecord(
            ShippedLibrary::get(),
            Method::default(),
            Day::parse('2026-06-01'),
            new Profile(Aim::Even, null, null, null, [1, 3], 25, Kit::cases(), null, []),
            new Safety([], [], [], Day::parse('2026-05-01'), []),
            History::of($placings, $decisions, [], [], [], null),
        );
    }
}
