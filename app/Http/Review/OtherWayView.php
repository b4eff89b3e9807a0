<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ReasonView;
use EvenRungs\Person\OtherWay;

/** A rung of another ladder for the same demand. */
final readonly class OtherWayView
{
    public function __construct(public string $rung, public string $rungName, public ReasonView $reason) {}

    public static function of(?OtherWay $way): ?self
    {
        return $way === null ? null : new self($way->rung->slug, $way->rung->name, ReasonView::of($way->reason()));
    }
}
