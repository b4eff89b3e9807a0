<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands\WriteRuleBook;
use App\Library\CaseBook;
use App\Library\LibraryFiles;
use EvenRungs\Reason\Basis;
use EvenRungs\Reason\Rule;

/** The rule book: on paper and in the application what the core says. */
final class RuleBookTest extends ApiTestCase
{
    public function test_the_page_is_what_the_core_says(): void
    {
        self::assertSame(file_get_contents(base_path('docs/rules.md')), WriteRuleBook::page(), 'Run: php artisan rules:book');
    }

    public function test_the_book_of_cases_is_what_the_library_says_and_stands_beside_its_rules(): void
    {
        $page = WriteRuleBook::casePage(app(CaseBook::class), app(LibraryFiles::class)->shelf()->library());

        self::assertSame(file_get_contents(base_path('docs/casebook.md')), $page, 'Run: php artisan rules:book');
        self::assertStringContainsString('Two short holds typed by hand do not open the gate', $page);
        $rules = array_column((array) $this->getJson('/api/rules')->assertOk()->json('rules'), 'cases', 'id');
        self::assertContains('Two short holds typed by hand do not open the gate', array_column((array) $rules['gate.mark'], 'name'));
    }

    public function test_the_table_of_cautions_is_what_the_library_leaves_open(): void
    {
        self::assertSame(file_get_contents(base_path('docs/cautions.md')), WriteRuleBook::cautionPage(app(LibraryFiles::class)->shelf()->library()), 'Run: php artisan rules:book');
    }

    public function test_every_rule_is_held_by_a_class_and_spoken_of_by_a_test(): void
    {
        $page = WriteRuleBook::page();
        self::assertSame(count(Rule::cases()), substr_count($page, '### `'));
        self::assertStringNotContainsString('none names it', $page);
        self::assertStringNotContainsString("Held by: \n", $page);
    }

    public function test_the_application_shows_every_rule_with_what_it_rests_on(): void
    {
        $rules = (array) $this->getJson('/api/rules')->assertOk()->json('rules');

        self::assertSame(array_map(static fn(Rule $rule): string => $rule->value, Rule::cases()), array_column($rules, 'id'));
        foreach (Rule::cases() as $rule) {
            self::assertStringEndsWith('.', $rule->sentence());
            if ($rule->basis() === Basis::Published) {
                self::assertMatchesRegularExpression('/\d{4}/', $rule->source(), "{$rule->value} names its source.");
            }
        }
    }
}
