<?php

declare(strict_types=1);

namespace App\Http\People;

/** How many there are of everybody, whatever is looked for. */
final readonly class PeopleCountsView
{
    public function __construct(
        public int $everyone,
        public int $stop,
        public int $decide,
        public int $due,
        public int $uneven,
        public int $putAway,
    ) {}
}
