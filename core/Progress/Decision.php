<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

/** What can be decided about a rung. Values are stored: never renamed. */
enum Decision: string
{
    case Climb = 'climb';
    case Stay = 'stay';
    case StepDown = 'step-down';
    case StopLadder = 'stop-ladder';
    case Refer = 'refer';

    public function inWords(): string
    {
        return match ($this) {
            self::Climb => 'climb',
            self::Stay => 'stay',
            self::StepDown => 'step down',
            self::StopLadder => 'stop this ladder',
            self::Refer => 'stop and refer',
        };
    }
}
