<?php

declare(strict_types=1);

namespace App\Http\Coach;

use EvenRungs\Log\Event;

/** A training as it is told so far. */
final readonly class TrainingView
{
    /**
     * @param int              $startedAt milliseconds since 1970
     * @param string|null      $sameAs    training this one is
     * @param list<Event>      $events    told of it, by this device and others
     */
    public function __construct(
        public string $id,
        public string $session,
        public string $title,
        public string $on,
        public int $startedAt,
        public bool $ended,
        public int $sets,
        public ?string $sameAs,
        public array $events,
    ) {}
}
