<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** Where a test of one ladder, or a guess, puts a person: before limits and kit. */
final readonly class Measured
{
    /**
     * @param int|null $sequence  when it was tested, on the same scale as placings; null for a careful guess
     * @param Day|null $day       null where only the order is known
     * @param bool     $isAtLeast the test can say no more than this: who stands higher stays there
     */
    public function __construct(public Rung $rung, public Reason $reason, public ?int $sequence = null, public ?Day $day = null, public bool $isAtLeast = false) {}
}
