<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** What else fills a person's week. Values are stored: never renamed. */
enum TrainingKind: string
{
    case Lifting = 'lifting';
    case Endurance = 'endurance';
    case Sport = 'sport';
    case Work = 'work';

    public function label(): string
    {
        return match ($this) {
            self::Lifting => 'lifting',
            self::Endurance => 'endurance',
            self::Sport => 'sport',
            self::Work => 'work',
        };
    }
}
