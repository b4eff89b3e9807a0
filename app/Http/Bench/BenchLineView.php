<?php

declare(strict_types=1);

namespace App\Http\Bench;

use EvenRungs\Person\Step;

/** A person on the bench, with the single next action. */
final readonly class BenchLineView
{
    /**
     * @param string                                                       $sentence why the line is here
     * @param string                                                       $action   what to do next
     * @param 'stop'|'watch'|'ready'|'information'                         $status
     * @param string|null                                                  $spread   spread of the board, such as 1.6; null when there is none
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $about,
        public string $sentence,
        public string $action,
        public Step $step,
        public string $status,
        public ?string $spread,
        public ?string $weakest,
        public ?string $lastDone,
    ) {}
}
