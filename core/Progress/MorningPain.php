<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Body\Side;

/** One place that hurts the morning after a session. */
final readonly class MorningPain
{
    /**
     * @param Side|null $side  left or right; null where the place has none, or it was not told
     * @param int       $pain  1–10
     * @param bool      $worse than before the session
     */
    public function __construct(public PainPlace $place, public ?Side $side, public int $pain, public bool $worse) {}
}
