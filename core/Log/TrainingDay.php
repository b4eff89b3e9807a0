<?php

declare(strict_types=1);

namespace EvenRungs\Log;

use EvenRungs\Calendar\Day;

/**
 * The day a training counts for: the local date of the device it was told on, as long as that device's clock can be
 * believed. How far it is off shows when it sends, beside the server's clock; the time that went by on it is still right.
 */
final readonly class TrainingDay
{
    /** A clock may be so many hours off: time zones are that far apart (our own choice). */
    private const OFF_HOURS = 14;

    /** @param string|null $sentence what was put right, and why; null where nothing was */
    private function __construct(public Day $day, public ?string $sentence) {}

    /** Set by hand: any day but one to come. */
    public static function byHand(Day $told, Day $today): self
    {
        return $today->isBefore($told)
            ? new self($today, "{$told->inWords()} {$told->year()} has not come yet: the training is kept under today.")
            : new self($told, null);
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
            return new self($today->isBefore($told) ? $today : $told, null);
        }
        $began = (new \DateTimeImmutable('@'.intdiv($started + $off, 1000)))->setTimezone(new \DateTimeZone($timeZone));
        $day = Day::parse(min($began->format('Y-m-d'), $today->iso()));
        $hours = intdiv(abs($off), 3_600_000);
        $far = $hours < 48 ? "{$hours} hours" : intdiv($hours, 24).' days';

        return new self($day, "The clock of this device is {$far} ".($off > 0 ? 'behind' : 'ahead').": the training is kept under {$day->inWords()} {$day->year()}. Set the day by hand where that is wrong.");
    }
}
