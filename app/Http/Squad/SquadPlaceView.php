<?php

declare(strict_types=1);

namespace App\Http\Squad;

use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;

/** What one of a squad does at a station. */
final readonly class SquadPlaceView
{
    /**
     * @param string           $item        its number in the written session
     * @param string|null      $rung        null where they rest
     * @param string           $dose        as it is written
     * @param int              $work        seconds in which they work
     * @param bool             $changesSides one side follows the other inside the work
     * @param Side|null        $only        the side that works alone
     * @param list<string>     $cues
     * @param string           $easier      the easier version, in words
     * @param list<string>     $questions   of the form check
     * @param string           $setUp       the person’s own
     * @param list<ReasonView> $notes       what stands in for what, what is shorter, and why
     */
    public function __construct(
        public string $item,
        public ?string $rung,
        public string $name,
        public string $height,
        public string $dose,
        public int $work,
        public bool $changesSides,
        public ?Side $only,
        public array $cues,
        public string $easier,
        public array $questions,
        public string $setUp,
        public array $notes,
    ) {}
}
