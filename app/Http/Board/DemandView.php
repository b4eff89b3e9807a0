<?php

declare(strict_types=1);

namespace App\Http\Board;

/** A demand on the board: its height and whether anything of it is open. */
final readonly class DemandView
{
    /**
     * @param bool             $guessed     nothing is known of it but a guess
     * @param bool             $nothingFits limits and kit leave no rung of this demand
     * @param list<LadderView> $ladders
     */
    public function __construct(
        public string $value,
        public string $shortName,
        public ?int $height,
        public ?string $heightText,
        public bool $toppedOut,
        public bool $guessed,
        public bool $weakest,
        public bool $nothingFits,
        public array $ladders,
    ) {}
}
