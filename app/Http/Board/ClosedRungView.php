<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ReasonView;

/** A rung that is not open to the person, on one side or at all. */
final readonly class ClosedRungView
{
    /**
     * @param bool             $putAway      the method does not use it
     * @param bool             $mayBeAllowed the trainer may allow it for this person, with a reason
     * @param list<ReasonView> $reasons
     */
    public function __construct(
        public string $slug,
        public bool $openLeft,
        public bool $openRight,
        public bool $putAway,
        public bool $mayBeAllowed,
        public array $reasons,
    ) {}
}
