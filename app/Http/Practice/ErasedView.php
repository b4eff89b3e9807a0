<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** That a record was erased: when, and who asked for it. */
final readonly class ErasedView
{
    public function __construct(public string $on, public string $by) {}
}
