<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands\WriteHardness;
use App\Library\Figures;
use App\Library\LibraryFiles;
use EvenRungs\Statics\Agreement;
use Tests\TestCase;

/** Heights beside what is computed. */
final class HardnessBookTest extends TestCase
{
    public function test_the_page_is_what_the_library_comes_to(): void
    {
        self::assertSame(WriteHardness::page(app(LibraryFiles::class), app(Figures::class)), file_get_contents(base_path('docs/hardness.md')), 'php artisan library:hardness writes it anew');
    }

    public function test_every_step_that_goes_the_other_way_has_its_reason_and_they_are_less_than_one_rung_in_ten(): void
    {
        $rows = array_values(array_filter(explode("\n", WriteHardness::page(app(LibraryFiles::class), app(Figures::class))), static fn(string $line): bool => str_starts_with($line, '| ') && str_contains($line, '▽')));

        self::assertNotSame([], $rows);
        self::assertSame(1, preg_match('/: (\d+) of (\d+) measured rungs\.$/m', WriteHardness::page(app(LibraryFiles::class), app(Figures::class)), $said));
        self::assertCount((int) ($said[1] ?? 0), $rows);
        self::assertLessThanOrEqual((int) ($said[2] ?? 0), 10 * count($rows));
        foreach ($rows as $row) {
            self::assertMatchesRegularExpression('/▽ [A-Z].+\./u', $row);
        }
    }

    public function test_kendalls_tau_of_a_known_example(): void
    {
        // Two orders of four with one pair changed over: (5 − 1) ÷ 6.
        self::assertEqualsWithDelta(4 / 6, (float) Agreement::tau([[1, 1], [2, 3], [3, 2], [4, 4]]), 1e-9);
        self::assertEqualsWithDelta(-1.0, (float) Agreement::tau([[1, 3], [2, 2], [3, 1]]), 1e-9);
        self::assertNull(Agreement::tau([[1, 5], [2, 5]]));
    }
}
