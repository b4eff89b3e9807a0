<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** How a core session stands to the rest of the day. Values are stored: never renamed. */
enum SessionRole: string
{
    case Primer = 'primer';
    case Finisher = 'finisher';
    case OwnDay = 'own-day';
    case Daily = 'daily';

    public function label(): string
    {
        return match ($this) {
            self::Primer => 'primer before training',
            self::Finisher => 'finisher after training',
            self::OwnDay => 'on its own',
            self::Daily => 'daily practice',
        };
    }

    /** Belongs to other training in the same part of the day. */
    public function leansOnTraining(): bool
    {
        return $this === self::Primer || $this === self::Finisher;
    }
}
