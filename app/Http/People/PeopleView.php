<?php

declare(strict_types=1);

namespace App\Http\People;

final readonly class PeopleView
{
    /**
     * @param list<PersonLineView> $people of this page, by name
     * @param PeopleCountsView|null $counts of everybody; null where somebody is looked for, and on further pages
     * @param string|null          $next   what to ask for after these lines; null when there are no more
     */
    public function __construct(
        public array $people,
        public ?string $next,
        public ?PeopleCountsView $counts,
    ) {}
}
