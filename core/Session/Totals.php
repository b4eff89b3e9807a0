<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** Where the seconds of a stretch of session go; work + rest + change-over = total. */
final readonly class Totals
{
    private function __construct(public int $work, public int $rest, public int $changeOver) {}

    /** @param iterable<Segment> $segments */
    public static function of(iterable $segments): self
    {
        $work = $rest = $changeOver = 0;
        foreach ($segments as $segment) {
            match ($segment->stretch) {
                TimeKind::Work => $work += $segment->seconds,
                TimeKind::Gap, TimeKind::Rest => $rest += $segment->seconds,
                TimeKind::SideChange, TimeKind::ChangeOver => $changeOver += $segment->seconds,
            };
        }

        return new self($work, $rest, $changeOver);
    }

    public function total(): int
    {
        return $this->work + $this->rest + $this->changeOver;
    }

    /** Work ÷ total, in whole per cent; 0 for no time at all. */
    public function densityPercent(): int
    {
        return $this->total() === 0 ? 0 : intdiv(200 * $this->work + $this->total(), 2 * $this->total());
    }

    /** Seconds as 17:30. */
    public static function clock(int $seconds): string
    {
        return intdiv($seconds, 60).':'.sprintf('%02d', $seconds % 60);
    }
}
