<?php

declare(strict_types=1);

namespace App\Http\Board;

/** The whole board under other limits or kit, before they are saved. */
final readonly class BoardChangeView
{
    /**
     * @param int                   $closing  rungs that close
     * @param int                   $opening  rungs that open
     * @param list<LimitEffectView> $changes  working rungs that are no longer open
     * @param list<string>          $leftOpen short names of demands of which no rung is left
     */
    public function __construct(
        public string $sentence,
        public int $closing,
        public int $opening,
        public array $changes,
        public array $leftOpen,
    ) {}
}
