<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Session\Part;

final readonly class BlockInput
{
    /**
     * @param 'straight'|'circuit' $kind
     * @param list<ItemInput>      $items
     * @param list<int>            $gapSeconds
     */
    public function __construct(
        public string $kind,
        public Part $part,
        public array $items,
        public array $gapSeconds,
        public int $roundRestSeconds,
    ) {}
}
