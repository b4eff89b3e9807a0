<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Body\Level;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Load\WeekLoad;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Frequency;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How often, and how far apart: the week against what is published. */
final class WeekRulesTest extends TestCase
{
    /**
     * ACSM progression models 2009, Med Sci Sports Exerc 41:687–708: resistance work on 2–3 days a week for the novice,
     * 3–4 for the intermediate, 4–5 for the advanced; ACSM position stand 2011, Med Sci Sports Exerc 43:1334–1359:
     * 2–3 days for each muscle group. Values from memory of the sources.
     *
     * @return iterable<string, array{Level, int, int}>
     */
    public static function publishedDays(): iterable
    {
        yield 'novice' => [Level::Foundation, 2, 3];
        yield 'beginner' => [Level::Beginner, 2, 3];
        yield 'intermediate' => [Level::Intermediate, 3, 4];
        yield 'advanced' => [Level::Advanced, 4, 5];
    }

    #[DataProvider('publishedDays')]
    public function testTheDefaultDaysOverlapThePublishedOnesAndStandBesideThem(Level $level, int $low, int $high): void
    {
        $frequency = Frequency::of(Method::default(), $level, []);

        self::assertStringStartsWith("{$low}–{$high} days", Frequency::published($level));
        self::assertLessThanOrEqual($high, $frequency->low);
        self::assertGreaterThanOrEqual($low, $frequency->high);
        self::assertStringContainsString('ACSM', Rule::Frequency->source());
    }

    /** NSCA position statement 2009, J Strength Cond Res 23(S5): the young train on 2–3 days that do not follow each other. Value from memory of the source. */
    public function testTheYoungTrainOnTwoToThreeDaysThatDoNotFollowEachOther(): void
    {
        $limits = array_map(static fn(State $state) => $state->limit(Side::Both), State::ofAge(2011, 2026));
        $clashes = static fn(int ...$days): array => array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in(new CoreWeek(array_map(self::easy(...), array_values($days)), [], [1, 2, 3, 4, 5, 6, 7], $limits)));

        self::assertNotContains(Rule::DaysOfTraining, $clashes(1, 3, 5));
        self::assertContains(Rule::DaysOfTraining, $clashes(1, 2, 5));
        self::assertContains(Rule::DaysOfTraining, $clashes(1, 3, 5, 7));
    }

    /** ACSM position stand 2011, Med Sci Sports Exerc 43:1334–1359: 48 hours between sessions for one muscle group. Value from memory of the source. */
    public function testHardSessionsLessThanFortyEightHoursApartClashOnEveryPairOfDays(): void
    {
        for ($one = 1; $one <= 7; $one++) {
            for ($other = $one + 1; $other <= 7; $other++) {
                // The week repeats: Sunday and Monday are neighbours.
                $apart = min($other - $one, 7 - ($other - $one));
                $rules = array_map(static fn(Clash $clash): Rule => $clash->reason->rule, Clashes::in(new CoreWeek([self::hard($one), self::hard($other)])));
                self::assertSame(24 * $apart < 48, in_array(Rule::WeekRecovery, $rules, true), "days {$one} and {$other}");
            }
        }
    }

    /**
     * Session load, monotony and strain as Foster 1998, Med Sci Sports Exerc 30:1164–1168, defines them, worked by hand
     * on a week of effort × minutes: 5 × 60, 0, 7 × 40, 0, 6 × 50, 3 × 30, 0. Mean 970 ÷ 7 = 138.57; squares about it
     * 26 057 + 19 202 + 20 002 + 19 202 + 26 057 + 2 359 + 19 202 = 132 081; ÷ 6 = 22 013.6, root 148.37; 138.57 ÷ 148.37 = 0.934;
     * 970 × 0.934 = 905.9.
     */
    public function testLoadMonotonyAndStrainOfAWorkedWeek(): void
    {
        $day = static fn(int $at, int $effort, int $minutes): SessionLoad => SessionLoad::of(Day::parse('2026-06-01')->plusDays($at), [$effort], 60 * $minutes);
        $week = WeekLoad::from(Day::parse('2026-06-01'), [$day(0, 5, 60), $day(2, 7, 40), $day(4, 6, 50), $day(5, 3, 30)]);

        self::assertEqualsWithDelta(970.0, $week->total, 0.001);
        self::assertEqualsWithDelta(0.934, (float) $week->monotony, 0.0005);
        self::assertEqualsWithDelta(905.9, (float) $week->strain, 0.1);
    }

    private static function easy(int $day): CoreSlot
    {
        return new CoreSlot("day-{$day}", new Cell($day, DayPart::Evening), SessionRole::OwnDay, 5, new SlotContent('Floor', 1200, [], []));
    }

    private static function hard(int $day): CoreSlot
    {
        return self::easy($day)->with(effort: 8);
    }
}
