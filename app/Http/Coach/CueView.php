<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Shared\TempoPartView;
use EvenRungs\Session\TimeKind;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CueView
{
    /**
     * @param 'left'|'right'|'both' $side
     * @param list<TempoPartView>   $phases
     */
    public function __construct(
        public TimeKind $stretch,
        public int $seconds,
        public string $item,
        public int $set,
        public string $side,
        public int $target,
        public int $repetitions,
        public array $phases,
        public bool $endsSet,
    ) {}
}
