<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** Difficulty on one scale for all ladders, 1.0 to 10.0, kept as whole tenths. */
final readonly class Height
{
    private function __construct(public int $tenths) {}

    /** @throws \InvalidArgumentException outside 10 to 100 tenths */
    public static function ofTenths(int $tenths): self
    {
        if ($tenths < 10 || $tenths > 100) {
            throw new \InvalidArgumentException("A height goes from 1.0 to 10.0, not {$tenths} tenths.");
        }

        return new self($tenths);
    }

    public function level(): Level
    {
        return match (true) {
            $this->tenths < 30 => Level::Foundation,
            $this->tenths < 50 => Level::Beginner,
            $this->tenths < 70 => Level::Intermediate,
            $this->tenths < 90 => Level::Advanced,
            default => Level::Performance,
        };
    }

    /** Tenths from the other height up to this one; negative when this is the lower. */
    public function above(self $other): int
    {
        return $this->tenths - $other->tenths;
    }

    /** With one decimal: 35 tenths is `3.5`. */
    public function label(): string
    {
        return self::tenthsLabel($this->tenths);
    }

    public static function tenthsLabel(int $tenths): string
    {
        return intdiv($tenths, 10).'.'.($tenths % 10);
    }
}
