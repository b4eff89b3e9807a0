<?php

declare(strict_types=1);

namespace App\Http\Board;

use EvenRungs\Ladder\Allowance;

/** A rung the trainer allowed a person in spite of what rules it out. */
final readonly class AllowanceView
{
    /** @param string $allowedOn date */
    public function __construct(public string $id, public string $rung, public string $reason, public string $allowedOn) {}

    public static function of(Allowance $allowance): self
    {
        return new self(id: $allowance->id, rung: $allowance->rung, reason: $allowance->reason, allowedOn: $allowance->on->iso());
    }
}
