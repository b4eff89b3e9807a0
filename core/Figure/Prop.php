<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A piece of kit tied to a joint; where it leads somewhere (band, strap, dowel), in which direction. */
final readonly class Prop
{
    /** @param int|null $direction degrees, 0 to the right, 90 up */
    private function __construct(public PropKind $kind, public Joint $joint, public ?int $direction) {}

    /**
     * Reads `kind@joint` or `kind@joint:degrees`, such as `band@hand:180`.
     *
     * @throws \InvalidArgumentException
     */
    public static function parse(string $text): self
    {
        if (preg_match('/^([a-z-]+)@([a-z-]+)(?::(-?\d{1,3}))?$/', $text, $part) !== 1) {
            throw new \InvalidArgumentException("“{$text}” is not a piece of kit at a joint, such as “bench@elbow” or “band@hand:180”.");
        }
        $kind = PropKind::tryFrom($part[1]) ?? throw new \InvalidArgumentException("There is no drawing of “{$part[1]}”.");
        $joint = Joint::tryFrom($part[2]) ?? throw new \InvalidArgumentException("The figure has no joint “{$part[2]}”.");

        return new self($kind, $joint, isset($part[3]) ? (int) $part[3] : null);
    }
}
