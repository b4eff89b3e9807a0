<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ReasonView;
use EvenRungs\Progress\Decision;

/** What a choice leads to at the next session. */
final readonly class OutcomeView
{
    /** @param string|null $rungName where it is another rung */
    public function __construct(public Decision $choice, public ?string $rungName, public string $dose, public ReasonView $reason) {}
}
