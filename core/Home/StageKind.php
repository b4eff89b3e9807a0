<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** What a stage of a sheet brings. Values are stored: never renamed. */
enum StageKind: string
{
    case Addition = 'addition';
    case Dose = 'dose';
    case Variation = 'variation';
    case FollowUp = 'follow-up';
    case Retest = 're-test';

    public function label(): string
    {
        return match ($this) {
            self::Addition => 'one exercise more',
            self::Dose => 'another dose',
            self::Variation => 'another version',
            self::FollowUp => 'a follow-up',
            self::Retest => 'a re-test',
        };
    }

    /** Whether the sheet is another one after it. */
    public function changesTheSheet(): bool
    {
        return in_array($this, [self::Addition, self::Dose, self::Variation], true);
    }

    /** Whether it changes an exercise that is there. */
    public function isOfAnExercise(): bool
    {
        return $this === self::Dose || $this === self::Variation;
    }
}
