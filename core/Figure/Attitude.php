<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * How the pelvis lies in space before it is tilted.
 *
 * @phpstan-import-type Turn from Vector
 */
enum Attitude: string
{
    case Upright = 'upright';
    /** Face down, the head along x. */
    case Prone = 'prone';
    /** On the back, the head against x. */
    case Supine = 'supine';
    /** On the left side, facing −y, the head along x. */
    case LeftSide = 'left-side';
    /** On the right side, facing −y, the head against x. */
    case RightSide = 'right-side';

    /** @return Turn */
    public function turn(): array
    {
        return match ($this) {
            self::Upright => Vector::AXES,
            self::Prone => Vector::about(1, 90),
            self::Supine => Vector::about(1, -90),
            self::LeftSide => [[0.0, -1.0, 0.0], [0.0, 0.0, -1.0], [1.0, 0.0, 0.0]],
            self::RightSide => [[0.0, -1.0, 0.0], [0.0, 0.0, 1.0], [-1.0, 0.0, 0.0]],
        };
    }

    /** Seen in a mirror. */
    public function mirrored(): self
    {
        return match ($this) {
            self::LeftSide => self::RightSide,
            self::RightSide => self::LeftSide,
            default => $this,
        };
    }
}
