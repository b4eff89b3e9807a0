<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Reason\Reason;

/** A ladder in a week as it is kept: slug of the rung, typed dose, sets in all sessions of the week. */
final readonly class WrittenCell
{
    /**
     * @param Reason|null $reason  why this rung and dose; its sentence and rule are kept
     * @param Reason|null $whySets why so many sets
     */
    public function __construct(
        public string $rung,
        public string $dose,
        public bool $locked,
        public int $sets,
        public ?Reason $reason = null,
        public ?Reason $whySets = null,
    ) {}
}
