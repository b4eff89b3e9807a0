<?php

declare(strict_types=1);

namespace EvenRungs\Log;

use EvenRungs\Calendar\Day;

/**
 * When a training was: the local date of the device it was told on, as long as that device's clock can be believed. How far
 * it is off shows when it sends, beside the server's clock; the time that went by on it is still right.
 */
final readonly class TrainingDay
{
    /** A clock may be so many hours off: time zones are that far apart (our own choice). */
    private const OFF_HOURS = 14;

    /**
     * @param int         $started  when it began, in milliseconds since 1970
     * @param string|null $sentence what was put right, and why; null where nothing was
     */
    private function __construct(public Day $day, public int $started, public ?string $sentence) {}

    /** Set by hand: any day but one to come. */
    public static function byHand(Day $told, int $started, Day $today): self
    {
        return $today->isBefore($told)
            ? new self($today, $started, "{$told->inWords()} {$told->year()} has not come yet: the training is kept under today.")
            : new self($told, $started, null);
    }

    /**
     * @param Day    $told     local date of the device at the start
     * @param int    $started  by the device's clock, in milliseconds since 1970
     * @param int    $sent     by the device's clock, when it sends
     * @param int    $arrived  by the server's clock
     * @param string $timeZone of the practice
     * @param Day    $today    of the practice
     */
    public static function of(Day $told, int $started, int $sent, int $arrived, string $timeZone, Day $today): self
    {
        $off = $arrived - $sent;
        if (abs($off) <= self::OFF_HOURS * 3_600_000) {
            // Where the device is a zone ahead its date is the practice's next one.
            return new self($today->isBefore($told) ? $today : $told, min($started, $arrived), null);
        }
        // As far off at the start as it is when it sends.
        $began = max(0, min($started + $off, $arrived));
        $date = (new \DateTimeImmutable('@'.intdiv($began, 1000)))->setTimezone(new \DateTimeZone($timeZone))->format('Y-m-d');
        $day = Day::parse(min($date, $today->iso()));
        $hours = intdiv(abs($off), 3_600_000);
        $far = $hours < 48 ? "{$hours} hours" : intdiv($hours, 24).' days';

        return new self($day, $began, "The clock of this device is {$far} ".($off > 0 ? 'behind' : 'ahead').": the training is kept under {$day->inWords()} {$day->year()}. Set the day by hand where that is wrong.");
    }

    /**
     * Its place in the order of time: when it was done, so that what was placed or decided afterwards stands after it.
     *
     * @param int      $started in milliseconds since 1970
     * @param int|null $seconds it took; null where nobody knows
     * @param int      $now     in microseconds since 1970
     *
     * @return int microseconds since 1970, never to come
     */
    public static function sequence(Day $day, string $timeZone, int $started, ?int $seconds, int $now): int
    {
        $endOfDay = new \DateTimeImmutable("{$day->iso()} 23:59:59", new \DateTimeZone($timeZone));

        return min($now, $started * 1000 + 1_000_000 * ($seconds ?? 0), $endOfDay->getTimestamp() * 1_000_000);
    }
}
