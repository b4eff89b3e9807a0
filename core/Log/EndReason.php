<?php

declare(strict_types=1);

namespace EvenRungs\Log;

/** Why a training ended before its last set. Values are stored: never renamed. */
enum EndReason: string
{
    case Time = 'time';
    case Pain = 'pain';
    case Form = 'form';
    case Tired = 'tired';
    case Place = 'place';
    case Other = 'other';

    /** As it stands on a button, and in a sentence after “ended early:”. */
    public function label(): string
    {
        return match ($this) {
            self::Time => 'no more time',
            self::Pain => 'pain',
            self::Form => 'form was lost',
            self::Tired => 'too tired',
            self::Place => 'kit or place was taken',
            self::Other => 'something else',
        };
    }
}
