<?php

declare(strict_types=1);

namespace EvenRungs\Body;

enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Both = 'both';

    public function other(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Both => self::Both,
        };
    }

    /** Whether something on this side touches something on the other one given. */
    public function meets(self $side): bool
    {
        return $this === self::Both || $side === self::Both || $this === $side;
    }
}
