<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Program\SetSearch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The sets of a week against the exact optimum, found by GLPK (GNU; Debian's glpk-utils) as a mixed-integer problem. */
final class SetOptimumTest extends TestCase
{
    #[DataProvider('cases')]
    public function testTheSetsOfASmallWeekAreWithinTwoPercentagePointsOfTheExactOptimum(int $case): void
    {
        $problem = ExactSets::problem($case);
        $found = SetSearch::solve($problem);
        [$short, $distance] = ExactSets::optimum($problem);

        self::assertSame($short, array_sum($found->short), 'The minimum of each demand is met as often as it can be.');
        self::assertLessThanOrEqual(0.02, $found->distance - $distance);
        self::assertGreaterThanOrEqual(-1e-6, $found->distance - $distance, 'Nothing is better than the optimum: both solve the same problem.');
    }

    /** @return iterable<string, array{int}> */
    public static function cases(): iterable
    {
        for ($case = 1; $case <= ExactSets::CASES; $case++) {
            yield "week {$case}" => [$case];
        }
    }
}
