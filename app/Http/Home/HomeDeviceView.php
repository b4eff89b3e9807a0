<?php

declare(strict_types=1);

namespace App\Http\Home;

/** A device on which a person's page was opened. */
final readonly class HomeDeviceView
{
    /**
     * @param string|null $code what it asks for, until it is let in
     * @param string|null $seen date and time it was last there; null before
     */
    public function __construct(public string $id, public string $opened, public ?string $code, public ?string $seen) {}
}
