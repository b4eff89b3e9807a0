<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Body\Demand;
use EvenRungs\Body\DoseCap;
use EvenRungs\Body\Position;

/** A row of the caution table. */
final readonly class Caution
{
    /**
     * @param string             $label         as it is noted
     * @param string             $caution       what it asks of the trainer
     * @param bool               $byAge         follows from the birth year
     * @param bool               $sided         left and right can differ
     * @param bool               $clearable     weights wait for a clinician's clearance
     * @param array<string, int> $highest       highest load 0 to 2 that stays open, by load
     * @param list<Position>     $excluded      postures that are closed
     * @param list<DoseCap>      $caps          what a dose must not go beyond
     * @param bool               $watchesDoming doming of the belly ends the set
     * @param int                $rungsLower    rungs to start lower
     * @param list<Demand>       $lowerOn       the demands this holds for; all when empty
     * @param bool               $fewPositions  posture is changed slowly and seldom
     * @param int|null           $highestEffort 0 to 10
     * @param int|null           $mostDays      training days in a week
     * @param bool               $wantsSupport  something to hold when standing
     * @param bool               $asksClinician what it closes is a clinician's to open, not the trainer's
     */
    public function __construct(
        public string $label,
        public string $caution,
        public bool $byAge = false,
        public bool $sided = false,
        public bool $clearable = false,
        public array $highest = [],
        public array $excluded = [],
        public array $caps = [],
        public bool $watchesDoming = false,
        public int $rungsLower = 0,
        public array $lowerOn = [],
        public bool $fewPositions = false,
        public ?int $highestEffort = null,
        public ?int $mostDays = null,
        public bool $wantsSupport = false,
        public bool $asksClinician = false,
    ) {}
}
