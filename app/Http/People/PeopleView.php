<?php

declare(strict_types=1);

namespace App\Http\People;

final readonly class PeopleView
{
    /** @param list<PersonLineView> $people by name, archived ones last */
    public function __construct(
        public array $people,
    ) {}
}
