<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** What kind of work a rung is: the second target of some aims. Values stand in ladder files: never renamed. */
enum WorkKind: string
{
    case Bracing = 'bracing';
    case Integrated = 'integrated';
    case Isolated = 'isolated';

    public function inWords(): string
    {
        return match ($this) {
            self::Bracing => 'bracing practice',
            self::Integrated => 'integrated lifts',
            self::Isolated => 'isolated work',
        };
    }
}
