<?php

declare(strict_types=1);

namespace App\Http\Rules;

use App\Api\Reads;
use EvenRungs\Reason\Rule;
use Illuminate\Http\JsonResponse;

/** The rule book. */
final readonly class RulesController
{
    #[Reads('/api/rules', 'rules', RulesView::class)]
    public function show(): JsonResponse
    {
        return new JsonResponse(new RulesView(array_map(static fn(Rule $rule): RuleView => new RuleView(
            id: $rule->value,
            room: $rule->room(),
            sentence: $rule->sentence(),
            basis: $rule->basis(),
            source: $rule->source(),
        ), Rule::cases())));
    }
}
