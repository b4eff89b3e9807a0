<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Progress\Decision;

/** A decision that stands: what was taken back is none. */
final readonly class Decided
{
    /**
     * @param string $rung     slug it was decided about
     * @param string $log      the session it rests on
     * @param int    $sequence order in time
     */
    public function __construct(public string $ladder, public Side $side, public string $rung, public Decision $choice, public string $log, public int $sequence) {}
}
