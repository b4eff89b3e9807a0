<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Log\EndReason;
use EvenRungs\Log\Event;
use EvenRungs\Log\EventKind;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Log\Told;
use EvenRungs\Log\TrainingDay;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\OpenTraining;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a training comes to by what devices told of it, in whatever order that came. */
final class ToldTest extends TestCase
{
    /** @return iterable<string, array{list<Event>, list<array{string, int|null}>, list<list<string>>, bool}> */
    public static function cases(): iterable
    {
        /** @var list<array{name: string, events: list<array{string, string, string, list<string>, 4?: int|null}>, sets: list<array{string, int|null}>, differing?: list<list<string>>, ended?: bool}> $cases */
        $cases = json_decode((string) file_get_contents(dirname(__DIR__).'/Cases/told-events.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            $events = array_map(static function (array $event): Event {
                [$id, $kind, $about, $instead] = $event;
                [$item, $number] = [...explode(' ', $about), '0'];

                return new Event($id, EventKind::from($kind), $instead, item: $item, number: (int) $number, set: $kind === 'set' ? self::set($item, (int) $number, $event[4] ?? null) : null);
            }, $case['events']);
            yield $case['name'] => [$events, $case['sets'], $case['differing'] ?? [], $case['ended'] ?? false];
        }
    }

    /**
     * @param list<Event>                    $events
     * @param list<array{string, int|null}>  $sets
     * @param list<list<string>>             $differing
     */
    #[DataProvider('cases')]
    public function test_what_holds_does_not_depend_on_the_order_of_arrival(array $events, array $sets, array $differing, bool $ended): void
    {
        foreach ([$events, array_reverse($events), [...$events, ...$events]] as $arrived) {
            $told = Told::of($arrived);
            self::assertSame($sets, array_map(static fn(ReportedSet $set): array => ["{$set->item} {$set->set}", $set->both], $told->sets));
            self::assertSame($differing, array_map(static fn(array $ways): array => array_map(static fn(Event $way): string => $way->id, $ways), $told->differing));
            self::assertSame($ended, $told->ended);
        }
    }

    /** A phone without a network asks the same of itself (resources/js/offline/told.test.ts). */
    public function test_what_stops_an_exercise_at_home_until_it_is_sent(): void
    {
        /** @var list<array{name: string, pain: int|null, travels?: bool, morning?: array{int, bool}, why?: string, stops: bool}> $cases */
        $cases = json_decode((string) file_get_contents(dirname(__DIR__).'/Cases/what-stops.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            $travels = $case['travels'] ?? false;
            $set = new ReportedSet('a', 1, 20, null, null, [], $case['pain'], 5, $travels, null, '');
            $log = new LoggedSession('l', 's', Day::parse('2026-06-01'), 1, 60, [new LoggedSet('a', 'front-plank/forearms-toes', '1x20s', 20, null, null, [], $case['pain'], 5, $travels, null)], [], endedWhy: isset($case['why']) ? EndReason::from($case['why']) : null);
            $isBad = isset($case['morning']) && (new Morning(...$case['morning']))->isBad();

            self::assertSame($case['stops'], $set->stops() || $isBad || $log->hidesPain(), $case['name']);
        }
    }

    public function test_what_stops_a_ladder_counts_before_it_is_settled_also_where_only_one_device_tells_so(): void
    {
        $hurt = static fn(string $device, string $item, ?int $pain, ?string $rung = null, bool $travels = false): Event => new Event("{$device} {$item}", EventKind::Set, [], item: $item, number: 1, set: new ReportedSet($item, 1, 20, null, null, [], $pain, 5, $travels, null, '', rung: $rung));
        $told = Told::of([
            $hurt('a', 'plank', 0, 'front-plank/forearms-toes'), $hurt('b', 'plank', 7, 'front-plank/forearms-toes'),
            $hurt('a', 'press', 5, 'press-out/standing'),
            $hurt('a', 'brace', 2, travels: true),
        ]);

        self::assertSame(['all-fours' => 'Pain that travels', 'front-plank' => 'Pain 7 of 10'], OpenTraining::hurtIn($told, ['brace' => 'all-fours/brace-breathe', 'press' => 'press-out/seated']));
    }

    public function test_the_time_is_what_somebody_said_else_the_moments_of_all_devices(): void
    {
        $first = new Event('a', EventKind::Set, [], [0, 60], 'plank', 1, self::set('plank', 1, 60));
        $other = new Event('b', EventKind::Set, [], [120, 60], 'plank', 2, self::set('plank', 2, 60));
        self::assertSame(120, Told::of([$other, $first])->seconds);
        self::assertSame(900, Told::of([$other, $first, new Event('c', EventKind::Time, seconds: 900)])->seconds);
        self::assertNull(Told::of([new Event('a', EventKind::Set, [], [], 'plank', 1, self::set('plank', 1, 60))])->seconds);
    }

    public function test_pain_before_can_be_asked_again_and_not_asked_is_not_none(): void
    {
        $some = new Event('a', EventKind::Before, before: [new StartPain(PainPlace::Shoulder, null, 2)]);
        self::assertCount(1, Told::of([$some])->before ?? []);
        self::assertNull(Told::of([$some, new Event('b', EventKind::Before, ['a'], before: null)])->before);
        self::assertSame([], Told::of([$some, new Event('b', EventKind::Before, ['a'], before: [])])->before);
        self::assertNull(Told::of([])->before);
    }

    public function test_it_is_the_same_training_as_another_or_apart_from_it(): void
    {
        $apart = new Event('a', EventKind::Apart, other: 'x');
        self::assertSame([null, ['x']], [Told::of([$apart])->sameAs, Told::of([$apart])->apart]);
        $joined = Told::of([$apart, new Event('b', EventKind::Joined, ['a'], other: 'x')]);
        self::assertSame(['x', []], [$joined->sameAs, $joined->apart]);
    }

    /** @return iterable<string, array{string, int, int, string, bool}> told, hours the device is ahead, hours since the start, day, whether it is said */
    public static function clocks(): iterable
    {
        yield 'a clock that is right' => ['2026-11-26', 0, 1, '2026-11-26', false];
        yield 'sent two days later' => ['2026-11-24', 0, 50, '2026-11-24', false];
        yield 'a zone ahead, where it is tomorrow already' => ['2026-11-27', 11, 1, '2026-11-26', false];
        yield 'five years behind' => ['2021-11-27', -5 * 365 * 24, 2, '2026-11-26', true];
        yield 'five years ahead' => ['2031-11-25', 5 * 365 * 24, 2, '2026-11-26', true];
        yield 'a year behind, and sent three days later' => ['2025-11-23', -365 * 24, 72, '2026-11-23', true];
    }

    #[DataProvider('clocks')]
    public function test_the_day_is_the_devices_own_while_its_clock_can_be_believed(string $told, int $ahead, int $since, string $day, bool $said): void
    {
        $now = 1_000 * (new \DateTimeImmutable('2026-11-26 15:00 UTC'))->getTimestamp();
        $sent = $now + $ahead * 3_600_000;
        $kept = TrainingDay::of(Day::parse($told), $sent - $since * 3_600_000, $sent, $now, 'Europe/Vienna', Day::parse('2026-11-26'));
        self::assertSame([$day, $said], [$kept->day->iso(), $kept->sentence !== null]);
        // Nothing began after it was told.
        self::assertLessThanOrEqual($now, $kept->started);
        self::assertSame($said ? $now - $since * 3_600_000 : min($now, $sent - $since * 3_600_000), $kept->started);
    }

    public function test_a_day_set_by_hand_holds_unless_it_has_not_come_yet(): void
    {
        $today = Day::parse('2026-11-26');
        self::assertSame('2026-11-20', TrainingDay::byHand(Day::parse('2026-11-20'), 0, $today)->day->iso());
        $tomorrow = TrainingDay::byHand(Day::parse('2026-11-27'), 0, $today);
        self::assertSame(['2026-11-26', 'Friday 27 November 2026 has not come yet: the training is kept under today.'], [$tomorrow->day->iso(), $tomorrow->sentence]);
    }

    public function test_its_place_in_time_is_when_it_was_done_and_never_to_come(): void
    {
        $at = static fn(string $moment): int => 1_000_000 * (new \DateTimeImmutable($moment))->getTimestamp();
        $began = intdiv($at('2026-11-26 15:00 UTC'), 1000);
        $placed = static fn(string $day, ?int $seconds, string $now): int => TrainingDay::sequence(Day::parse($day), 'Europe/Vienna', $began, $seconds, $at($now));
        self::assertSame($at('2026-11-26 15:20 UTC'), $placed('2026-11-26', 1200, '2026-11-28 09:00 UTC'));
        self::assertSame($at('2026-11-26 15:05 UTC'), $placed('2026-11-26', 1200, '2026-11-26 15:05 UTC'));
        // Put on an earlier day by hand, it was done by the end of that one in the practice.
        self::assertSame($at('2026-11-24 22:59:59 UTC'), $placed('2026-11-24', null, '2026-11-28 09:00 UTC'));
    }

    public function test_two_ways_of_telling_a_set_are_told_apart_in_one_line(): void
    {
        $plain = new ReportedSet('plank', 1, null, 10, 9, [], null, null, false, null, '');
        self::assertSame('left 10 · right 9 · form not told', $plain->inWords());
        $clean = new ReportedSet('plank', 1, null, 10, 0, ['ribs' => true], 0, 7, false, Felt::Right, '');
        self::assertSame('left 10 · right 0 · clean · pain 0 · effort 7', $clean->inWords());
        $lost = new ReportedSet('plank', 1, 40, null, null, ['ribs' => false, 'breathing' => true], null, null, false, Felt::LowBack, '');
        self::assertSame('40 done · one thing lost · felt in the low back', $lost->inWords());
    }

    private static function set(string $item, int $number, ?int $done): ReportedSet
    {
        return new ReportedSet($item, $number, $done, null, null, [], null, null, false, null, '');
    }
}
