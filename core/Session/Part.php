<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** The parts of a session, in the order they are done. */
enum Part: string
{
    case Primer = 'primer';
    case Main = 'main';
    case Finisher = 'finisher';

    public function label(): string
    {
        return match ($this) {
            self::Primer => 'Primer',
            self::Main => 'Main part',
            self::Finisher => 'Finisher',
        };
    }

    /** Its place among the parts, from 0. */
    public function place(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
