<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** How strongly a band pulls at the length it is used at; the newtons are our own choice, to be weighed with a hanging scale. */
enum BandStrength: string
{
    case Light = 'light';
    case Middle = 'middle';
    case Strong = 'strong';

    public function newtons(): int
    {
        return match ($this) {
            self::Light => 40,
            self::Middle => 60,
            self::Strong => 90,
        };
    }

    public function harder(): ?self
    {
        return match ($this) {
            self::Light => self::Middle,
            self::Middle => self::Strong,
            self::Strong => null,
        };
    }

    public function lighter(): ?self
    {
        return match ($this) {
            self::Light => null,
            self::Middle => self::Light,
            self::Strong => self::Middle,
        };
    }
}
