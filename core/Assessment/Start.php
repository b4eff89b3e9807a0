<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;

/** A rung proposed to start on, with every reason. */
final readonly class Start
{
    /**
     * @param Rung|null    $support  a wall or chair version offered beside it
     * @param list<Reason> $reasons
     * @param int|null     $testedAt when this ladder itself was tested, on the same scale as placings; null for a careful guess
     */
    public function __construct(public Rung $rung, public Side $side, public array $reasons, public ?Rung $support = null, public ?int $testedAt = null) {}

    /** A person who stands on the ladder is moved only by a newer test of that ladder, never by a guess. */
    public function hasLapsed(?int $placedAt): bool
    {
        return $placedAt !== null && ($this->testedAt === null || $this->testedAt < $placedAt);
    }
}
