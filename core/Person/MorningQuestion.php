<?php

declare(strict_types=1);

namespace EvenRungs\Person;

/** The next morning of a session that was not asked for yet: one question, whatever was trained. */
final readonly class MorningQuestion
{
    /** @param int|null $pain highest told in the session; null when nobody asked */
    public function __construct(public LoggedSession $log, public ?int $pain) {}
}
