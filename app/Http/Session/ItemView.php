<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use EvenRungs\Balance\Quality;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseFields;

/** An exercise of a session with its dose, its time, and what is wrong with the dose if anything is. */
final readonly class ItemView
{
    /**
     * @param bool              $sided    the sides are counted apart
     * @param string            $dose     the dose in its one written form, or as typed when it cannot be read
     * @param string            $doseText in plain words, such as 3 × 10 each side
     * @param bool              $pulled   a band or cable can be what resists: the dose may say its pull
     * @param list<string>      $ranges   of the rung, as a dose line writes them; empty where it has none
     * @param Side|null         $leftOut  what of it a limit or missing kit keeps from sheet and player; both for all of it
     * @param list<ReasonView>  $reasons  why it is left out; empty where nothing is
     * @param bool              $mayBeAllowed the trainer may allow it for this person, with a reason
     * @param list<string>      $completions what could stand next in the line, as whole lines
     * @param list<WarningView> $warnings
     * @param list<Quality>     $qualities what its dose trains
     */
    public function __construct(
        public string $id,
        public string $rung,
        public string $name,
        public string $heightText,
        public string $demand,
        public bool $sided,
        public string $dose,
        public string $doseText,
        public ?DoseFields $fields,
        public ?TotalsView $totals,
        public ?string $problem,
        public ?int $problemPosition,
        public string $restText,
        public string $tempoText,
        public array $ranges,
        public bool $pulled,
        public ?Side $leftOut,
        public array $reasons,
        public bool $mayBeAllowed,
        public array $completions,
        public array $warnings,
        public array $qualities,
    ) {}
}
