<?php

declare(strict_types=1);

namespace App\Http\People;

use EvenRungs\Person\Step;

/** A person in the list, with what it filters by. */
final readonly class PersonLineView
{
    /**
     * @param list<'stop'|'decide'|'due'|'uneven'> $flags
     * @param string|null                          $spread spread of the board, such as 1.6; null when there is none
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $about,
        public string $aimText,
        public array $flags,
        public Step $step,
        public ?string $spread,
        public ?string $weakest,
        public ?string $lastDone,
        public ?string $archivedOn,
    ) {}
}
