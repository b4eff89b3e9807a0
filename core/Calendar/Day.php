<?php

declare(strict_types=1);

namespace EvenRungs\Calendar;

/** A local calendar date. The core has no clock: today is handed in. */
final readonly class Day
{
    private function __construct(private \DateTimeImmutable $midnight) {}

    /** @throws \InvalidArgumentException when the text is not a date written 2026-11-23 */
    public static function parse(string $iso): self
    {
        $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $iso, new \DateTimeZone('UTC'));
        if ($date === false || $date->format('Y-m-d') !== $iso) {
            throw new \InvalidArgumentException("“{$iso}” is not a date written like 2026-11-23.");
        }

        return new self($date);
    }

    public function iso(): string
    {
        return $this->midnight->format('Y-m-d');
    }

    public function year(): int
    {
        return (int) $this->midnight->format('Y');
    }

    /** Whole days from this date to the other; negative when the other is earlier. */
    public function daysUntil(self $other): int
    {
        return intdiv($other->midnight->getTimestamp() - $this->midnight->getTimestamp(), 86400);
    }

    public function plusDays(int $days): self
    {
        return new self($this->midnight->modify(sprintf('%+d days', $days)));
    }

    /** 1 Monday to 7 Sunday. */
    public function weekday(): int
    {
        return (int) $this->midnight->format('N');
    }

    /** The Monday of its week. */
    public function monday(): self
    {
        return $this->plusDays(1 - $this->weekday());
    }

    public function isBefore(self $other): bool
    {
        return $this->midnight < $other->midnight;
    }

    public function equals(self $other): bool
    {
        return $this->midnight == $other->midnight;
    }

    /** "Thursday 26 November" */
    public function inWords(): string
    {
        return $this->midnight->format('l j F');
    }
}
