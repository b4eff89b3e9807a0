<?php

declare(strict_types=1);

namespace App\Http\Rules;

use App\Api\Reads;
use App\Library\CaseBook;
use App\Library\LibraryFiles;
use App\Library\WrittenCase;
use EvenRungs\Reason\Rule;
use Illuminate\Http\JsonResponse;

/** The rule book. */
final readonly class RulesController
{
    #[Reads('/api/rules', 'rules', RulesView::class)]
    public function show(CaseBook $book, LibraryFiles $files): JsonResponse
    {
        $cases = $book->byRule($files->shelf()->library());

        return new JsonResponse(new RulesView(array_map(static fn(Rule $rule): RuleView => new RuleView(
            id: $rule->value,
            room: $rule->room(),
            sentence: $rule->sentence(),
            basis: $rule->basis(),
            source: $rule->source(),
            cases: array_map(static fn(WrittenCase $case): CaseView => new CaseView(name: $case->name, given: $case->given, log: $case->log, outcome: $case->outcome), $cases[$rule->value] ?? []),
        ), Rule::cases())));
    }
}
