<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** Why a session is not done on its day. Values are stored: never renamed. */
enum NotToday: string
{
    case Time = 'time';
    case Tired = 'tired';
    case Sore = 'sore';
    case Pain = 'pain';
    case Unwell = 'unwell';
    case Away = 'away';
    case Other = 'other';

    /** As it stands on a button, and in a sentence after “not today:”. */
    public function label(): string
    {
        return match ($this) {
            self::Time => 'no time',
            self::Tired => 'too tired',
            self::Sore => 'sore muscles',
            self::Pain => 'something hurts',
            self::Unwell => 'not well',
            self::Away => 'not where the kit is',
            self::Other => 'something else',
        };
    }

    /** Whether another day is no answer before somebody has asked how they are. */
    public function isAskedAbout(): bool
    {
        return $this === self::Pain || $this === self::Unwell;
    }
}
