<?php

declare(strict_types=1);

namespace App\Http\Coach;

/** The same session, told by another device on the same day. */
final readonly class AlsoToldView
{
    /** @param int $startedAt milliseconds since 1970 */
    public function __construct(public string $id, public int $startedAt, public int $sets, public bool $ended) {}
}
