<?php

declare(strict_types=1);

namespace App\Http\Reading;

use EvenRungs\Person\SharedPart;

/** A part of the record, as a reader is shown it. */
final readonly class ReadPartView
{
    /**
     * @param list<ReadEntryView> $entries
     * @param string              $none    what is said where there are none
     */
    public function __construct(public SharedPart $part, public string $title, public array $entries, public string $none) {}
}
