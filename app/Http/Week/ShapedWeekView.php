<?php

declare(strict_types=1);

namespace App\Http\Week;

use App\Http\Shared\ReasonView;
use EvenRungs\Week\Shape;

/** A shape filled from the board: its sessions are written, its slots wait to be taken into the plan. */
final readonly class ShapedWeekView
{
    /**
     * @param list<CoreSlotView> $slots
     * @param list<string>       $keeps what stands in every week and stays, by slot: a squad meets whatever the shape
     * @param list<ReasonView>   $notes what could not be as the shape says
     */
    public function __construct(public Shape $shape, public string $label, public array $slots, public array $keeps, public array $notes) {}
}
