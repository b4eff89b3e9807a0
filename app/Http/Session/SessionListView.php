<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SessionListView
{
    /** @param list<SessionLineView> $sessions newest first */
    public function __construct(
        #[ListOf(SessionLineView::class)]
        public array $sessions,
        #[OA\Property(description: 'the session at hand: planned today, else next, else the newest', nullable: true)]
        public ?string $next,
    ) {}
}
