<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** A record that is to be erased on a date, until which it can be taken back. */
final readonly class ToEraseView
{
    public function __construct(public string $person, public string $name, public string $on, public string $by) {}
}
