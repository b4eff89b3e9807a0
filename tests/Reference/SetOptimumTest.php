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

    /**
     * Whole small programs: three building weeks of two sessions with four exercises, taken as one sum, against the exact
     * optimum of the sum, or against the bound below which it cannot lie where the solver is not done in time.
     */
    public function testBuildingWeeksAsOneSumAreNearTheirExactOptimum(): void
    {
        $apart = [];
        for ($case = 1; $case <= ExactSets::PROGRAMS; $case++) {
            [$problems, $plans] = ExactSets::planned($case);
            [$short, $distance] = ExactSets::sum($problems, $plans);
            [$leastShort, $least] = ExactSets::optimumOfTheSum($problems);

            self::assertSame($leastShort, $short, "program {$case}: the minimum of each demand is met as often as it can be");
            self::assertGreaterThanOrEqual(-1e-6, $distance - $least, "program {$case}: nothing is better than the optimum");
            $apart[] = $distance - $least;
        }

        self::assertLessThanOrEqual(0.005, array_sum($apart) / count($apart), 'on average within half a percentage point');
        self::assertLessThanOrEqual(0.015, max([0.0, ...$apart]), 'none farther than one and a half');
    }

    /** @return iterable<string, array{int}> */
    public static function cases(): iterable
    {
        for ($case = 1; $case <= ExactSets::CASES; $case++) {
            yield "week {$case}" => [$case];
        }
    }
}
