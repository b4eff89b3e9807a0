<?php

declare(strict_types=1);

namespace EvenRungs\Load;

use EvenRungs\Calendar\Day;

/**
 * Load of one session: effort × minutes (Foster 1998). The effort is the mean of what was told for its sets (our own
 * choice; the published scale asks once for the whole session). Missing is not zero: without effort or time there is none.
 */
final readonly class SessionLoad
{
    private function __construct(public Day $day, public ?float $load, private float $minutes = 0.0) {}

    /**
     * @param list<int|null> $efforts told for the sets, 0–10
     * @param int|null       $seconds that were really spent
     */
    public static function of(Day $day, array $efforts, ?int $seconds): self
    {
        $told = array_values(array_filter($efforts, is_int(...)));

        return self::summed($day, array_sum($told), count($told), $seconds);
    }

    /**
     * @param int      $sum     of the efforts told
     * @param int      $told    how many were
     * @param int|null $seconds that were really spent
     */
    public static function summed(Day $day, int $sum, int $told, ?int $seconds): self
    {
        return new self($day, $told === 0 || $seconds === null ? null : $sum / $told * $seconds / 60, ($seconds ?? 0) / 60);
    }

    /** The same, at this effort where less was told; without effort or time there is none still. */
    public function atLeast(int $effort): self
    {
        return new self($this->day, $this->load === null ? null : max($this->load, $effort * $this->minutes), $this->minutes);
    }
}
