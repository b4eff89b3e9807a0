<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** A total reached in bouts, the last one short where it does not divide: `(120s by 45s/30)`. */
final readonly class AccumulatedHold implements SetBody
{
    private function __construct(public int $totalSeconds, public int $boutSeconds, public int $gapSeconds) {}

    /** @throws InvalidDose */
    public static function of(int $totalSeconds, int $boutSeconds, int $gapSeconds): self
    {
        Bounds::within($totalSeconds, 1, 1800, 'The total of a gathered hold');
        Bounds::within($boutSeconds, 1, 600, 'The bouts of a gathered hold');
        if ($boutSeconds > $totalSeconds) {
            throw InvalidDose::because('A bout of a gathered hold cannot be longer than its total.');
        }

        return new self($totalSeconds, $boutSeconds, Bounds::within($gapSeconds, 0, 300, 'The gap between bouts'));
    }

    /** @return list<int> seconds of each bout */
    public function bouts(): array
    {
        $bouts = array_fill(0, intdiv($this->totalSeconds, $this->boutSeconds), $this->boutSeconds);
        $left = $this->totalSeconds % $this->boutSeconds;

        return $left === 0 ? $bouts : [...$bouts, $left];
    }

    public function unit(): Unit
    {
        return Unit::Seconds;
    }

    public function target(): int
    {
        return $this->totalSeconds;
    }
}
