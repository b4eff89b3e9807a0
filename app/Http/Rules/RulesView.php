<?php

declare(strict_types=1);

namespace App\Http\Rules;

final readonly class RulesView
{
    /** @param list<RuleView> $rules */
    public function __construct(public array $rules) {}
}
