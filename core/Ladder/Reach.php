<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Height;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** How far above what was clean a rung is: much further up than one or two rungs is asked about. */
final readonly class Reach
{
    /** Tenths of height (our own choice). */
    private const TENTHS = 15;

    public function __construct(private Rung $clean) {}

    /** A rung above this height, in tenths, is a big jump. */
    public function farAbove(): int
    {
        return $this->clean->height->tenths + self::TENTHS;
    }

    /** Why going there is asked about, or null when it is not far. */
    public function against(Rung $rung): ?Reason
    {
        $above = $rung->height->tenths - $this->clean->height->tenths;

        return $above <= self::TENTHS ? null : Reason::because(
            Rule::BigJump,
            "“{$rung->name}” stands ".Height::tenthsLabel($above)." above “{$this->clean->name}”, the last rung that was clean: a big jump.",
            ['last clean' => $this->clean->name.', '.$this->clean->height->label(), 'this rung' => $rung->height->label(), 'asked above' => Height::tenthsLabel(self::TENTHS)],
            'A climb test up to it, or a rung in between.',
        );
    }
}
