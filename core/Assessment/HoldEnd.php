<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** Why the time of a hold was stopped. */
enum HoldEnd: string
{
    case FormLost = 'form-lost';
    case Stopped = 'stopped';
    case Pain = 'pain';
    case Cap = 'cap';

    public function inWords(): string
    {
        return match ($this) {
            self::FormLost => 'form was lost',
            self::Stopped => 'the person stopped',
            self::Pain => 'pain',
            self::Cap => 'stopped at the cap',
        };
    }
}
