<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** A record that is to be erased on a date, or that was. */
final readonly class ErasureView
{
    /**
     * @param string|null $person null where it was erased
     * @param string      $name   empty where it was erased
     * @param string      $by     who asked for it
     */
    public function __construct(public ?string $person, public string $name, public string $on, public string $by) {}
}
