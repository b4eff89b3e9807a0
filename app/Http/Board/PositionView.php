<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\GateView;
use EvenRungs\Body\Side;

/** Where the person stands on a ladder. */
final readonly class PositionView
{
    /**
     * @param int         $height    tenths, over the range decided last
     * @param string|null $range     decided last, as a dose line writes it; null where the rung has none
     * @param string      $rangeText empty where the rung has none
     * @param string|null $next      the rung a climb would lead to
     */
    public function __construct(
        public string $placement,
        public Side $side,
        public string $rung,
        public int $height,
        public string $heightText,
        public ?string $range,
        public string $rangeText,
        public string $placedOn,
        public string $reason,
        public bool $stopped,
        public MarkView $mark,
        public GateView $gate,
        public ?string $next,
    ) {}
}
