<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Ladder\Rung;

/** How one line of a session in text was understood. */
final readonly class TextLine
{
    /**
     * @param int        $number   from 1
     * @param Rung|null  $rung     what is taken; null for a line that is no exercise, or one nothing is like
     * @param list<Rung> $choices  what else the words could mean, where they are not sure
     * @param string     $dose     the part of the line that is the dose, as typed
     * @param int|null   $position where in the line reading stopped, from 0
     * @param string     $written  the dose that is taken
     */
    public function __construct(
        public int $number,
        public string $text,
        public ?Rung $rung = null,
        public array $choices = [],
        public string $dose = '',
        public ?string $problem = null,
        public ?int $position = null,
        public string $written = '',
    ) {}
}
