<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** An alignment check as it was kept. */
final readonly class AlignmentRowView
{
    /** @param 'side'|'behind' $view */
    public function __construct(
        public string $id,
        public string $view,
        public ?string $photo,
        public AlignmentView $found,
        public string $note,
        public string $testedOn,
    ) {}
}
