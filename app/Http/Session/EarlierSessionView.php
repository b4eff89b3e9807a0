<?php

declare(strict_types=1);

namespace App\Http\Session;

/** A session of the practice that another can start from. */
final readonly class EarlierSessionView
{
    /** @param bool $own of the person at hand */
    public function __construct(
        public string $id,
        public string $title,
        public string $person,
        public bool $own,
        public string $changedAt,
    ) {}
}
