<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

/**
 * The form check asked of each set. Trembling is not a fault. The pain question is not here either: it
 * opens a number from 0 to 10, and only the pain rules act on it. Values are stored: never renamed.
 */
enum FormQuestion: string
{
    case Breathing = 'breathing';
    case Ribs = 'ribs';
    case BackAndPelvis = 'back-and-pelvis';
    case ShouldersAndHead = 'shoulders-and-head';
    case InControl = 'in-control';
    case SidesAlike = 'sides-alike';
    /** Asked only of those whose limit watches for it. */
    case BellyFlat = 'belly-flat';

    public function question(): string
    {
        return match ($this) {
            self::Breathing => 'Breathing goes on',
            self::Ribs => 'Ribs stay down',
            self::BackAndPelvis => 'Back and pelvis keep their line',
            self::ShouldersAndHead => 'Shoulders and head keep their place',
            self::InControl => 'In control, with ease',
            self::SidesAlike => 'Both sides alike',
            self::BellyFlat => 'The belly stays flat along the middle',
        };
    }

    /**
     * @param bool $sidesTogether both sides work in one movement; where they are done one after the other they are a note, not a fault
     *
     * @return list<self> what is asked of a set
     */
    public static function asked(bool $breathing, bool $doming, bool $sidesTogether): array
    {
        return array_values(array_filter(self::cases(), static fn(self $question): bool => match ($question) {
            self::Breathing => $breathing,
            self::BellyFlat => $doming,
            self::SidesAlike => $sidesTogether,
            default => true,
        }));
    }
}
