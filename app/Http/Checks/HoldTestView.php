<?php

declare(strict_types=1);

namespace App\Http\Checks;

use EvenRungs\Assessment\HoldKind;

/** A timed hold: how it is done, and how the person does. */
final readonly class HoldTestView
{
    /**
     * @param list<string>                $setUp
     * @param int                         $stopAt seconds at which the clock is stopped
     * @param list<HoldStandingView>      $sides  one, or left and right
     * @param list<'left'|'right'|'both'> $inTurn sides to test, in this order; none when it is ruled out
     */
    public function __construct(
        public HoldKind $kind,
        public string $label,
        public array $setUp,
        public string $endsWhen,
        public int $stopAt,
        public array $sides,
        public array $inTurn,
    ) {}
}
