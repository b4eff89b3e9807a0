<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Exchange\Calendar\CalendarFile;
use EvenRungs\Calendar\Day;
use EvenRungs\Week\Agenda;
use EvenRungs\Week\AgendaEntry;
use EvenRungs\Week\AgendaSlot;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\PartTimes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;

/** The calendar file (RFC 5545) as an independent parser from the npm registry, ical.js, reads it. */
final class CalendarFileTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a zone, and a Monday near which its clocks change */
    public static function changes(): iterable
    {
        yield 'Vienna, to summer time' => ['Europe/Vienna', '2026-03-16'];
        yield 'Vienna, back' => ['Europe/Vienna', '2026-10-12'];
        yield 'Auckland, south of the line' => ['Pacific/Auckland', '2026-03-23'];
        yield 'St. John’s, half an hour off' => ['America/St_Johns', '2026-10-19'];
        yield 'Kolkata, never' => ['Asia/Kolkata', '2026-03-16'];
    }

    #[DataProvider('changes')]
    public function testEveryOccurrenceIsTheSameInstantOverAChangeOfTheClocks(string $zone, string $monday): void
    {
        $first = Day::parse($monday);
        $entries = self::entries($first);
        $read = self::read(self::file($entries, $zone), $first, $zone);

        $expected = [];
        foreach ($entries as $entry) {
            foreach ($entry->happenings($first, $first->plusDays(41)) as [$day, $minute]) {
                $expected[] = [self::utc($day, $minute, $zone), $entry->title];
            }
        }
        sort($expected);
        $found = array_map(static fn(array $one): array => [$one['at'], $one['summary']], $read);
        sort($found);
        self::assertSame($expected, $found);
        self::assertCount(6 + 4 + 1, $found, 'Six Tuesdays of which one is moved; six Fridays of which one is left out and one away; one Sunday.');
    }

    public function testTheLocalTimeStaysTheSameWhenTheClocksChange(): void
    {
        $read = self::read(self::file(self::entries(Day::parse('2026-03-16')), 'Europe/Vienna'), Day::parse('2026-03-16'), 'Europe/Vienna');
        $fridays = array_values(array_filter($read, static fn(array $one): bool => $one['summary'] === 'Floor'));

        // 18:00 is 17:00 UTC before 29 March 2026 and 16:00 after it.
        self::assertSame(['2026-03-20T17:00:00.000Z', '2026-04-10T16:00:00.000Z'], [$fridays[0]['at'], $fridays[1]['at']]);
    }

    public function testLengthAlarmAndIdsAreThere(): void
    {
        $monday = Day::parse('2026-03-16');
        $read = self::read(self::file(self::entries($monday), 'Europe/Vienna'), $monday, 'Europe/Vienna');

        self::assertSame([20], array_values(array_unique(array_map(static fn(array $one): int => $one['minutes'], $read))));
        self::assertSame(['-PT30M'], array_values(array_unique(array_map(static fn(array $one): ?string => $one['alarm'], $read))));
        self::assertSame(['a-person@even-rungs', 'b-person@even-rungs', 'c-person@even-rungs'], array_values(array_unique(array_map(static fn(array $one): string => $one['uid'], self::byId($read)))));
    }

    public function testAnotherReadingOfAChangedPlanUpdatesWhatIsThere(): void
    {
        $monday = Day::parse('2026-03-16');
        $ids = static fn(string $file): array => array_map(static fn(VEvent $event): array => [CalendarEvents::text($event, 'UID'), (int) CalendarEvents::text($event, 'SEQUENCE')], CalendarEvents::in($file));
        $before = $ids(self::file(self::entries($monday), 'Europe/Vienna', 3));
        $after = $ids(self::file(self::entries($monday, DayPart::Morning), 'Europe/Vienna', 4));

        self::assertSame(array_column($before, 0), array_column($after, 0));
        self::assertSame([[3], [4]], [array_values(array_unique(array_column($before, 1))), array_values(array_unique(array_column($after, 1)))]);
    }

    public function testTheFileIsWithoutFault(): void
    {
        $calendar = Reader::read(self::file(self::entries(Day::parse('2026-03-16')), 'Europe/Vienna'));

        /** @var list<array{level: int, message: string}> $problems */
        $problems = $calendar->validate();
        self::assertSame([], array_column(array_filter($problems, static fn(array $problem): bool => $problem['level'] > 1), 'message'));
    }

    /** @return list<AgendaEntry> */
    private static function entries(Day $monday, DayPart $part = DayPart::Evening): array
    {
        $iso = static fn(int $week): string => $monday->plusDays(7 * $week)->iso();

        return Agenda::of([
            new AgendaSlot('a', 'Lock-house; floor, first', ['Front plank, 3 × 20 s', 'Press-out'], new Cell(2, $part), 20, $monday, null, [$iso(2) => new Cell(4, DayPart::Morning)]),
            new AgendaSlot('b', 'Floor', [], new Cell(5, $part), 20, $monday, null, [$iso(1) => null]),
            new AgendaSlot('c', 'Only once', [], new Cell(7, DayPart::Midday), 20, $monday, $monday->plusDays(14)),
        ], [$monday->plusDays(14 + 4)->iso()], new PartTimes);
    }

    /** @param list<AgendaEntry> $entries */
    private static function file(array $entries, string $zone, int $sequence = 1): string
    {
        return CalendarFile::of('Core work', $entries, 'person', new \DateTimeZone($zone), new \DateTimeImmutable('2026-03-01 12:00:00 UTC'), $sequence, 30);
    }

    /** @return list<array{at: string, minutes: int, uid: string, summary: string, alarm: string|null}> over six weeks */
    private static function read(string $ics, Day $monday, string $zone): array
    {
        $file = sys_get_temp_dir().'/even-rungs-'.bin2hex(random_bytes(6)).'.ics';
        file_put_contents($file, $ics);
        exec(sprintf('node %s %s %s %s 2>&1', escapeshellarg(__DIR__.'/ics-occurrences.mjs'), escapeshellarg($file), escapeshellarg(self::utc($monday, 0, $zone)), escapeshellarg(self::utc($monday->plusDays(42), 0, $zone))), $said, $code);
        unlink($file);
        self::assertSame(0, $code, implode("\n", $said));
        /** @var list<array{at: string, minutes: int, uid: string, summary: string, alarm: string|null}> $read */
        $read = json_decode(implode('', $said), true, 16, JSON_THROW_ON_ERROR);

        return $read;
    }

    /**
     * @param list<array{at: string, minutes: int, uid: string, summary: string, alarm: string|null}> $read
     *
     * @return list<array{at: string, minutes: int, uid: string, summary: string, alarm: string|null}>
     */
    private static function byId(array $read): array
    {
        usort($read, static fn(array $a, array $b): int => $a['uid'] <=> $b['uid']);

        return $read;
    }

    private static function utc(Day $day, int $minute, string $zone): string
    {
        return (new \DateTimeImmutable(sprintf('%s %02d:%02d:00', $day->iso(), intdiv($minute, 60), $minute % 60), new \DateTimeZone($zone)))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.000\Z');
    }
}
