<?php

declare(strict_types=1);

namespace App\Http\Home;

use EvenRungs\Figure\Figure;

/** A rung the person climbed to. */
final readonly class HomeClimbView
{
    /** @param string $on date */
    public function __construct(public string $name, public string $on, public Figure $figure) {}
}
