<?php

declare(strict_types=1);

namespace EvenRungs\Calendar;

/** A local calendar date. The core has no clock: today is handed in. */
final readonly class Day
{
    private const SECONDS = 86_400;

    /** @param int $number days since 1970: dates are compared and written far more often than made */
    private function __construct(private int $number, private string $iso) {}

    /** @throws \InvalidArgumentException when the text is not a date written 2026-11-23 */
    public static function parse(string $iso): self
    {
        $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $iso, new \DateTimeZone('UTC'));
        if ($date === false || $date->format('Y-m-d') !== $iso) {
            throw new \InvalidArgumentException("“{$iso}” is not a date written like 2026-11-23.");
        }

        return new self(intdiv($date->getTimestamp(), self::SECONDS), $iso);
    }

    public function iso(): string
    {
        return $this->iso;
    }

    public function year(): int
    {
        return (int) substr($this->iso, 0, 4);
    }

    /** Whole days from this date to the other; negative when the other is earlier. */
    public function daysUntil(self $other): int
    {
        return $other->number - $this->number;
    }

    public function plusDays(int $days): self
    {
        $number = $this->number + $days;

        return new self($number, gmdate('Y-m-d', self::SECONDS * $number));
    }

    /** 1 Monday to 7 Sunday. */
    public function weekday(): int
    {
        return (int) gmdate('N', self::SECONDS * $this->number);
    }

    /** The Monday of its week. */
    public function monday(): self
    {
        return $this->plusDays(1 - $this->weekday());
    }

    public function isBefore(self $other): bool
    {
        return $this->number < $other->number;
    }

    public function equals(self $other): bool
    {
        return $this->number === $other->number;
    }

    /** "Thursday 26 November" */
    public function inWords(): string
    {
        return gmdate('l j F', self::SECONDS * $this->number);
    }
}
