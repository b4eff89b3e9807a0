<?php

declare(strict_types=1);

namespace App\Http\Session;

/** A session that was let go of and can still be brought back. */
final readonly class DeletedSessionView
{
    public function __construct(
        public string $id,
        public string $title,
        public string $deletedOn,
    ) {}
}
