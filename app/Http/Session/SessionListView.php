<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class SessionListView
{
    /**
     * @param list<SessionLineView> $sessions newest first
     * @param string|null           $older    what to ask for after these; null when there are no more
     * @param list<DeletedSessionView> $deleted newest first
     * @param string|null           $next     the session at hand: planned today, else next, else the newest
     */
    public function __construct(
        public array $sessions,
        public ?string $older,
        public array $deleted,
        public ?string $next,
    ) {}
}
