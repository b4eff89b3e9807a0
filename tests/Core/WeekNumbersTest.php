<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WeekNumbers;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use PHPUnit\Framework\TestCase;

final class WeekNumbersTest extends TestCase
{
    public function testTheRestOfAProgramGoesOnCountingItsWeeksAndAMissedOneHasNoNumber(): void
    {
        $weeks = [self::week(1, '2026-11-02'), self::week(2, '2026-11-09'), self::week(2, '2026-11-16'), self::week(3, '2026-11-23')];

        $this->assertSame([1, 0, 2, 3], self::numbers($weeks, '2026-11-23', 2, missed: '2026-11-09'));
    }

    public function testWeeksOfTheProgramBeforeHaveNoNumberInANewOne(): void
    {
        $weeks = [self::week(3, '2026-11-09'), self::week(4, '2026-11-16'), self::week(1, '2026-11-23'), self::week(2, '2026-11-30')];

        $this->assertSame([0, 0, 1, 2], self::numbers($weeks, '2026-11-23', 0));
        $this->assertSame([0, 0, 1, 2], self::numbers($weeks, '2026-11-30', 1), 'also where its rest was planned anew');
    }

    /**
     * @param list<WrittenWeek> $weeks
     *
     * @return list<int>
     */
    private static function numbers(array $weeks, string $start, int $done, string $missed = ''): array
    {
        return WeekNumbers::of($weeks, new WrittenRequest(Day::parse($start), 4, 1, null, [], done: $done), static fn(WrittenWeek $week): bool => $week->monday->iso() !== $missed);
    }

    private static function week(int $number, string $monday): WrittenWeek
    {
        return new WrittenWeek($number, Day::parse($monday), WeekKind::Build, false, [], [], 0, ofProgram: $number);
    }
}
