<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;

/** One timed hold of one side. */
final readonly class Hold
{
    private function __construct(
        public HoldKind $kind,
        public Side $side,
        public int $seconds,
        public HoldEnd $end,
        public Day $day,
        public int $sequence,
    ) {}

    /** @throws InvalidHold when the time or the side cannot be */
    public static function of(HoldKind $kind, Side $side, int $seconds, HoldEnd $end, Day $day, int $sequence): self
    {
        if ($seconds < 1) {
            throw InvalidHold::nothing();
        }
        if ($seconds > $kind->stopAtSeconds()) {
            throw InvalidHold::tooLong($kind, $seconds);
        }
        if ($kind->isSided() === ($side === Side::Both)) {
            throw InvalidHold::side($kind);
        }

        return new self($kind, $side, $seconds, $end, $day, $sequence);
    }

    public function isOf(HoldKind $kind, Side $side): bool
    {
        return $this->kind === $kind && $this->side === $side;
    }
}
