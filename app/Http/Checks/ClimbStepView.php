<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ChoiceView;
use App\Http\Shared\ReasonView;

/** The next trial of a climb test, or how it ended. */
final readonly class ClimbStepView
{
    /**
     * @param string|null      $next        rung to try now; null when the test is over
     * @param string|null      $doseText    the small trial in words
     * @param int|null         $holdSeconds seconds of a hold; null where it is not held
     * @param list<ChoiceView> $questions   form check of the trial, in the order asked
     * @param list<bool>       $clean       for each trial so far, whether it was
     * @param int              $cleanPain   highest pain of a clean trial, of 10
     */
    public function __construct(
        public ?string $next,
        public ?string $doseText,
        public ?int $holdSeconds,
        public array $questions,
        public array $clean,
        public int $cleanPain,
        public ?string $workingRung,
        public ?ReasonView $reason,
    ) {}
}
