<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Http\Shared\ReasonView;

/** An activation rung that is advised before some rungs of a ladder and is not done yet. */
final readonly class AdvisedView
{
    /**
     * @param string       $before slug
     * @param list<string> $rungs  slugs
     */
    public function __construct(public string $before, public array $rungs, public ReasonView $reason) {}
}
