<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Log\EndReason;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\TrainingInWords;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A training as a clinician reads it who was not there. */
final class TrainingInWordsTest extends TestCase
{
    private const PRESS = 'press-out/standing';

    private const PLANK = 'front-plank/forearms-knees';

    /** @return iterable<string, array{LoggedSession, list<string>}> */
    public static function trainings(): iterable
    {
        yield 'nothing hurt' => [self::log([self::set(1, pain: 0, effort: 6), self::set(2, pain: 0, effort: 8)]), ['1 exercise, 2 sets, effort 6 to 8.', 'No pain.']];
        yield 'nobody asked' => [self::log([self::set(1)]), ['1 exercise, 1 set.', 'Pain was not told.']];
        yield 'the worst of each exercise, and where' => [
            self::log([self::set(1, pain: 2), self::set(2, pain: 4, place: PainPlace::Shoulder, side: Side::Left), self::set(1, self::PLANK, pain: 3, place: PainPlace::LowBack)]),
            ['2 exercises, 3 sets.', 'Pain: 4 of 10 in “Press-out, standing” (left shoulder); 3 of 10 in “Front plank, forearms, knees down” (low back).'],
        ];
        yield 'before it, travelling, ended and the morning after' => [
            self::log([self::set(1, pain: 6, travels: true)], [new MorningAnswer('press-out', new Morning(0, false), 2), new MorningAnswer('press-out', new Morning(3, true), 3)], [new StartPain(PainPlace::LowBack, null, 2)], EndReason::Pain),
            ['1 exercise, 1 set.', 'Pain before the first set: low back 2 of 10.', 'Pain: 6 of 10 in “Press-out, standing”.', 'It travelled in “Press-out, standing”.', 'Ended before its last set: pain.', 'The morning after: 3 of 10, worse than before, from Press-out ladder.'],
        ];
        yield 'a good morning after' => [self::log([self::set(1, pain: 0)], [new MorningAnswer('press-out', new Morning(0, false), 2)]), ['1 exercise, 1 set.', 'No pain.', 'Nothing hurt the morning after.']];
        yield 'ended since it hurt, and how much was not told' => [self::log([self::set(1)], ended: EndReason::Pain), ['1 exercise, 1 set.', 'How much it hurt was not told.', 'Ended before its last set: pain.']];
        yield 'asked of one set alone' => [self::log([self::set(1), self::set(2, pain: 0)]), ['1 exercise, 2 sets.', 'No pain in the sets of which it was told.']];
        yield 'an exercise that has left the library' => [self::log([self::set(1, 'gone/away', pain: 5)], [new MorningAnswer('gone', new Morning(1, false), 2)]), ['1 exercise, 1 set.', 'Pain: 5 of 10 in gone/away.', 'The morning after: 1 of 10 from gone.']];
    }

    /** @param list<string> $told */
    #[DataProvider('trainings')]
    public function test_what_hurt_is_told_first_and_nothing_is_made_up(LoggedSession $log, array $told): void
    {
        self::assertSame($told, TrainingInWords::of($log, ShippedLibrary::get()));
    }

    /**
     * @param list<LoggedSet>     $sets
     * @param list<MorningAnswer> $mornings
     * @param list<StartPain>     $before
     */
    private static function log(array $sets, array $mornings = [], array $before = [], ?EndReason $ended = null): LoggedSession
    {
        return new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, 600, $sets, $mornings, $before, $ended);
    }

    private static function set(int $number, string $rung = self::PRESS, ?int $pain = null, ?int $effort = null, ?PainPlace $place = null, ?Side $side = null, bool $travels = false): LoggedSet
    {
        return new LoggedSet($rung, $rung, '2x10/side', null, 10, 10, [], $pain, $effort, $travels, null, $side, $number, $place);
    }
}
