<?php

declare(strict_types=1);

namespace EvenRungs\Person;

/** The next morning of a ladder that was not asked for yet. */
final readonly class MorningQuestion
{
    /** @param int|null $pain told in the session; null when nobody asked */
    public function __construct(public LoggedSession $log, public string $ladder, public ?int $pain) {}
}
