<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use EvenRungs\Figure\Figure;
use EvenRungs\Ladder\DrawnFault;
use EvenRungs\Ladder\Fault;

/** An exercise as the person reads it. */
final readonly class SheetItemView
{
    /**
     * @param list<string>    $cues
     * @param string          $check   how it is checked by touch, prop or photo
     * @param list<Fault> $faults
     * @param string          $setUp   the person’s own set-up; empty for none
     * @param int             $circuit circuit the exercise belongs to, such as 1; 0 for none
     */
    public function __construct(
        public string $name,
        public string $position,
        public string $doseText,
        public string $tempoText,
        public string $restText,
        public array $cues,
        public string $check,
        public array $faults,
        public string $fallback,
        public string $setUp,
        public string $kit,
        public int $circuit,
        public Figure $figure,
        public ?DrawnFault $fault,
        public string $felt,
        public string $wayOut,
    ) {}
}
