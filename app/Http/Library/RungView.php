<?php

declare(strict_types=1);

namespace App\Http\Library;

use EvenRungs\Ladder\Fault;
use EvenRungs\Session\CuePhase;

/** A rung as the library has it, in the words of the practice’s method. */
final readonly class RungView
{
    /**
     * @param list<string>                     $alsoCalled what else the trade calls it
     * @param int                              $height    tenths
     * @param 'both'|'one-sided'|'alternating' $sidedness
     * @param list<string>                     $kit       labels; all of it is needed
     * @param list<string>                     $cues
     * @param list<Fault>                  $faults
     * @param array<string, int>|\stdClass     $loads
     * @param list<CuePhase>              $tempo     of one repetition at the default dose; none for a hold
     * @param list<string>                     $secondary short names of secondary demands
     * @param list<string>                     $ranges    it is done over, as a dose line writes them, smallest first; empty where there are none
     * @param string                           $rangesText the same in words
     * @param bool                             $branch    stands beside the trunk of the ladder: climbing passes it by
     */
    public function __construct(
        public string $slug,
        public string $name,
        public string $shortName,
        public array $alsoCalled,
        public int $height,
        public string $heightText,
        public string $level,
        public string $purpose,
        public string $position,
        public bool $dynamic,
        public string $sidedness,
        public array $kit,
        public string $lever,
        public string $leverText,
        public array $cues,
        public string $check,
        public array $faults,
        public string $felt,
        public string $notFelt,
        public string $fallback,
        public ?string $fallbackRung,
        public string $wayOut,
        public string $relief,
        public array|\stdClass $loads,
        public string $dose,
        public array $tempo,
        public array $secondary,
        public bool $branch,
        public array $ranges,
        public string $rangesText,
    ) {}
}
