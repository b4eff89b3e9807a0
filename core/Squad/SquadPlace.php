<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** What one of a squad does at a station. */
final readonly class SquadPlace
{
    /**
     * @param Rung|null    $rung  null where nothing open fits: they rest there
     * @param int          $work  seconds of the station's work in which they work
     * @param Side|null    $only  the side that works alone
     * @param list<Reason> $notes what stands in for what, what is shorter, and why
     */
    public function __construct(public int $station, public ?Rung $rung, public int $work, public ?Side $only, public array $notes) {}

    /** Whether one side follows the other inside the work. */
    public function changesSides(): bool
    {
        return $this->rung !== null && $this->only === null && $this->rung->sidedness->countsEachSide();
    }
}
