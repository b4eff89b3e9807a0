<?php

declare(strict_types=1);

namespace EvenRungs\Person;

/** What of a record is shown to a reader: a clinician or an assistant of the practice. Values are stored: never renamed. */
enum SharedPart: string
{
    case Health = 'health';
    case Tests = 'tests';
    case Board = 'board';
    case Plan = 'plan';
    case Done = 'done';

    public function label(): string
    {
        return match ($this) {
            self::Health => 'Danger signs, limits and clearances',
            self::Tests => 'Tests',
            self::Board => 'Where they stand',
            self::Plan => 'What is planned this week',
            self::Done => 'What was done and decided',
        };
    }
}
