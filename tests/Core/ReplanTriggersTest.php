<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Method;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\ReplanTriggers;
use EvenRungs\Program\StartingPoint;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenCell;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Reason\Reason;
use EvenRungs\Screening\State;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use PHPUnit\Framework\TestCase;

/** A life that changes while a program runs. Today is Wednesday 9 December 2026, in the second of three weeks. */
final class ReplanTriggersTest extends TestCase
{
    public function testAProgramThatStillFitsHasNothingAgainstIt(): void
    {
        self::assertSame([], self::against());
    }

    public function testANewLimitIsToldWithTheWeekFromWhichItMatters(): void
    {
        $said = self::against(limits: [State::ShoulderPain]);

        self::assertStringStartsWith('“Front plank, forearms and toes” is planned from the week of Monday 7 December on.', $said[0]);
        self::assertStringContainsString('shoulder pain', $said[0]);
    }

    public function testLostKitIsToldAndAnExerciseWithoutSetsIsNot(): void
    {
        $said = self::against(kit: [Kit::Mat]);
        self::assertCount(1, $said);
        self::assertStringContainsString('“Press-out, standing”', $said[0]);

        self::assertSame([], self::against(kit: [Kit::Mat], pressOutSets: 0));
    }

    public function testAStoppedLadderIsTold(): void
    {
        self::assertStringContainsString('its ladder was stopped after pain', self::against(stopped: ['front-plank'])[0]);
    }

    public function testASquadThatCameOrWentIsTold(): void
    {
        self::assertSame(['The squad has 2 sessions a week that this program was made without: what is done there is not counted in it.'], self::against(together: 2));
        self::assertSame(['The program counts on 1 session a week with a squad, and there is none any more.'], self::against(madeBeside: 1));
        self::assertSame(['The program counts on 1 session a week with a squad; by now there are 2.'], self::against(madeBeside: 1, together: 2));
        self::assertSame([], self::against(madeBeside: 2, together: 2));
    }

    public function testARequestOfBeforeWasMadeBesideNoSquad(): void
    {
        $kept = (new WrittenRequest(Day::parse('2026-11-30'), 4, 1, null, []))->after(2, 1)->toArray();
        self::assertSame([2, 1], [WrittenRequest::read($kept)->done, WrittenRequest::read($kept)->together]);
        unset($kept['together']);
        self::assertSame(0, WrittenRequest::read($kept)->together);
    }

    public function testAMissedWeekIsTold(): void
    {
        self::assertSame(['Nothing of last week was done; the program goes on as if it had been.'], self::against(trained: []));
    }

    public function testANewTrainingDayIsToldOnlyWhereAnotherHasGone(): void
    {
        self::assertSame([], self::against(days: [2, 4, 5]));
        self::assertSame([
            'The program has sessions on Thursday, which is no training day any more.',
            'Friday is a training day without a session of the program.',
        ], self::against(days: [2, 5]));
    }

    public function testSeveralTrainingDaysAreNamedInTheirOrder(): void
    {
        self::assertSame([
            'The program has sessions on Tuesday and Thursday, which are no training days any more.',
            'Monday, Wednesday and Sunday are training days without a session of the program.',
        ], self::against(days: [7, 1, 3]));
    }

    public function testAWeekAwayIsTold(): void
    {
        self::assertSame(['The week of Monday 14 December is away now; the program plans one session in it.'], self::against(away: ['2026-12-14']));
    }

    public function testStandingElsewhereThanThePlanSaysIsTold(): void
    {
        self::assertSame(['Front-plank ladder: the plan says “Front plank, forearms and toes” this week, the person stands on “Front plank, forearms, knees down”, 1.0 lower.'], self::against(stands: 'front-plank/forearms-knees'));
    }

    public function testStandingNearWhatThePlanSaysNeedsNoNewPlan(): void
    {
        self::assertSame([], self::against(stands: 'front-plank/forearms-low-step'), 'half a height: the week is written from there');
        self::assertSame([], self::against(stands: 'front-plank/forearms-knees', plankSets: 0), 'nothing of the ladder is planned');
    }

    public function testAProgramThatIsOverSaysSo(): void
    {
        self::assertSame(['The program has run out: its last week is past.'], self::against(today: '2026-12-21'));
    }

    /**
     * @param list<State>    $limits
     * @param list<Kit>|null $kit
     * @param list<string>   $stopped
     * @param list<string>   $trained
     * @param list<int>      $days
     * @param list<string>   $away
     *
     * @return list<string>
     */
    private static function against(array $limits = [], ?array $kit = null, array $stopped = [], array $trained = ['2026-11-30'], array $days = [2, 4], array $away = [], string $stands = 'front-plank/forearms-toes', string $today = '2026-12-09', int $pressOutSets = 4, int $plankSets = 6, int $madeBeside = 0, int $together = 0): array
    {
        $week = static fn(int $number, string $monday): WrittenWeek => new WrittenWeek($number, Day::parse($monday), WeekKind::Build, false, [
            'front-plank' => new WrittenCell('front-plank/forearms-toes', '3x(4x10s/5)', false, $plankSets),
            'press-out' => new WrittenCell('press-out/standing', '2x10/side', false, $pressOutSets),
        ], ['tue' => [new WrittenItem('front-plank', 'front-plank/forearms-toes', '3x(4x10s/5)')]]);
        $slot = static fn(string $id, int $day): ProgramSlot => new ProgramSlot($id, new Cell($day, DayPart::Evening), SessionRole::OwnDay, 20, 6);
        $standing = new StartingPoint(
            ShippedLibrary::get(),
            new Circumstances(array_map(static fn(State $state) => $state->limit(Side::Both), $limits), $kit ?? Kit::cases(), Method::default()),
            ['front-plank' => ShippedLibrary::rung($stands), 'press-out' => ShippedLibrary::rung('press-out/standing')],
            stopped: $stopped,
        );
        $reasons = ReplanTriggers::of(
            [$week(1, '2026-11-30'), $week(2, '2026-12-07'), $week(3, '2026-12-14')],
            new WrittenRequest(Day::parse('2026-11-30'), 4, 1, null, [$slot('tue', 2), $slot('thu', 4)], together: $madeBeside),
            $standing,
            Day::parse($today),
            $days,
            $away,
            $trained,
            $together,
        );

        return array_map(static fn(Reason $reason): string => $reason->sentence, $reasons);
    }
}
