<?php

declare(strict_types=1);

namespace App\Http\Coach;

/** Something a device told that cannot be taken; it stays on the device. */
final readonly class RefusedEventView
{
    /** @param string $event its id; where it has none, its place in what was sent, such as #3 */
    public function __construct(public string $event, public string $sentence) {}
}
