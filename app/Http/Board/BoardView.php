<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ReasonView;

final readonly class BoardView
{
    /**
     * @param list<DemandView> $demands
     * @param int              $ruledOut     rungs closed by limits or kit
     * @param int              $putAway      rungs the method does not use
     * @param string|null      $spreadBefore spread four weeks ago
     * @param list<SetUpView>  $setUps       of rungs the person has an own set-up for
     */
    public function __construct(
        public array $demands,
        public ?int $spread,
        public ?string $spreadText,
        public ReasonView $spreadReason,
        public int $ruledOut,
        public int $putAway,
        public ?string $spreadBefore,
        public array $setUps,
    ) {}
}
