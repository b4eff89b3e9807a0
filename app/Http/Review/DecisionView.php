<?php

declare(strict_types=1);

namespace App\Http\Review;

use EvenRungs\Progress\Decision;

/** A decision that was taken. */
final readonly class DecisionView
{
    /**
     * @param list<string> $reasons sentences of the rules at the time
     * @param bool         $atHome  what it is about was done at home, and told by the person
     * @param list<string> $stays   later moves on the ladder that stay as they are, once it is taken back
     */
    public function __construct(
        public string $id,
        public string $decidedOn,
        public bool $atHome,
        public string $ladderName,
        public string $side,
        public string $rungName,
        public Decision $proposed,
        public Decision $choice,
        public string $choiceText,
        public ?string $toName,
        public string $choiceReason,
        public array $reasons,
        public bool $takenBack,
        public bool $canTakeBack,
        public array $stays,
    ) {}
}
