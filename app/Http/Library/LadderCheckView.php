<?php

declare(strict_types=1);

namespace App\Http\Library;

use EvenRungs\Ladder\DrawnFault;

/** What is wrong with a ladder that is not kept yet, and what it would look like. */
final readonly class LadderCheckView
{
    /**
     * @param list<string>              $problems none when it can be kept
     * @param list<RungFigureView>      $figures  of those drawn otherwise than in the library, where they can be
     * @param list<DrawnFault>          $faults   of the rung in focus, where it can be drawn
     * @param array<string, mixed>|null $document
     */
    public function __construct(
        public array $problems,
        public ?LibraryLadderView $ladder,
        public array $figures,
        public array $faults,
        public mixed $document,
    ) {}
}
