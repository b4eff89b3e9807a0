<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Balance\KindMix;
use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Program\Beside;
use EvenRungs\Program\Candidate;
use EvenRungs\Program\Generator;
use EvenRungs\Program\InvalidProgram;
use EvenRungs\Program\Locks;
use EvenRungs\Program\Phase;
use EvenRungs\Program\Program;
use EvenRungs\Program\ProgramRequest;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\ProgramWeek;
use EvenRungs\Program\Rate;
use EvenRungs\Program\SetProblem;
use EvenRungs\Program\SetSearch;
use EvenRungs\Program\StartingPoint;
use EvenRungs\Program\WeekKind;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Reason\Input;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Item;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\WorkingSets;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ProgramTest extends TestCase
{
    private const WORKING = ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'bridge/march'];

    public function testTheSameInputsAndSeedGiveTheSameProgram(): void
    {
        self::assertEquals(self::lines(self::program()), self::lines(self::program()));
    }

    public function testNoSessionIsLongerThanItsMinutes(): void
    {
        foreach (self::program(minutes: [8, 15, 20])->weeks as $week) {
            foreach ([8, 15, 20] as $at => $minutes) {
                self::assertLessThanOrEqual(60 * $minutes, ($week->sessions["slot-{$at}"] ?? null)?->timeline()->totals()->total() ?? 0);
            }
        }
    }

    public function testEveryCellSaysWhetherItsDoseRoseOrItsRungChanged(): void
    {
        foreach (self::program(weeks: 8)->weeks as $week) {
            foreach ($week->cells as $cell) {
                self::assertContains($cell->reason->rule, [Rule::ProgramDose, Rule::ProgramRung, Rule::ProgramEasier]);
                self::assertNotSame('', $cell->reason->sentence);
            }
        }
    }

    public function testADemandForWhichNothingIsOpenStaysOpenAndIsNamed(): void
    {
        $notes = self::program(working: ['front-plank/forearms-toes'], stopped: ['side-bridge', 'carry', 'hip-side'], kit: [])->notes;
        $open = array_filter($notes, static fn(Reason $note): bool => $note->rule === Rule::ProgramOpen);

        self::assertNotSame([], $open);
        self::assertStringContainsString('nothing is open to this person', implode(' ', array_map(static fn(Reason $note): string => $note->sentence, $open)));
    }

    public function testTheMinutesAreUsed(): void
    {
        $week = self::program(minutes: [20, 20, 20], working: [...self::WORKING, 'dead-bug/opposite-short', 'hinge/floor-two-hands'])->weeks[0];

        self::assertGreaterThan(0.75 * 3600, $week->seconds());
    }

    public function testWithThreeSessionsEachCoreDemandIsMetTwiceAWeek(): void
    {
        foreach (self::program(minutes: [20, 20, 20])->weeks as $week) {
            foreach (Demand::everyWeek() as $demand) {
                self::assertGreaterThanOrEqual($week->kind === WeekKind::Easier ? 1 : 2, self::timesMet($week, $demand), "{$demand->value} in week {$week->number}");
            }
        }
    }

    public function testEveryFourthWeekIsEasierByAboutFortyPerCentAndNothingGetsHarder(): void
    {
        $weeks = self::program(weeks: 8, minutes: [20, 20, 20])->weeks;

        self::assertSame([4, 8], array_values(array_map(static fn(ProgramWeek $week): int => $week->number, array_filter($weeks, static fn(ProgramWeek $week): bool => $week->kind === WeekKind::Easier))));
        self::assertEqualsWithDelta(0.6, $weeks[3]->work() / $weeks[2]->work(), 0.1);
        foreach ($weeks[3]->cells as $ladder => $cell) {
            self::assertSame($weeks[2]->cells[$ladder]->rung->slug, $cell->rung->slug);
            self::assertSame(DoseLine::print($weeks[2]->cells[$ladder]->dose), DoseLine::print($cell->dose));
        }
    }

    public function testAnEasierWeekBringsNothingThatTheWeekBeforeHadNot(): void
    {
        foreach (array_column(iterator_to_array(self::phases()), 0) as $working) {
            $weeks = self::program(weeks: 8, minutes: [20, 20], working: $working)->weeks;
            foreach ([3, 7] as $easier) {
                self::assertSame([], array_diff_key(self::sessions([$weeks[$easier]]), self::sessions([$weeks[$easier - 1]])));
            }
        }
    }

    public function testAnEasierWeekThatIsTheFirstOneHasThreeFifthsOfAnOrdinaryOne(): void
    {
        // The week before an easier one, by itself: beside others it would take its exercises from them.
        $ordinary = self::program(weeks: 4, behind: 2)->weeks[0];
        $easier = self::program(weeks: 4, behind: 3)->weeks[0];

        self::assertSame(WeekKind::Easier, $easier->kind);
        self::assertEqualsWithDelta(0.6 * $ordinary->work(), $easier->work(), 0.06 * $ordinary->work());
        foreach (Demand::everyWeek() as $demand) {
            self::assertGreaterThanOrEqual(1, self::timesMet($easier, $demand));
        }
    }

    public function testTheRestOfAProgramMayBeShortAndIsCountedOn(): void
    {
        $rest = self::program(weeks: 2, done: 4);

        self::assertSame([[1, 5], [2, 6]], array_map(static fn(ProgramWeek $week): array => [$week->number, $week->ofProgram], $rest->weeks));
        self::assertSame([false, true], array_map(static fn(ProgramWeek $week): bool => $week->retests, $rest->weeks));
        $this->expectExceptionMessage('A program has 4 to 12 weeks.');
        self::program(weeks: 2, done: 1);
    }

    public function testWhatLeadsInTheRestOfAProgramIsWhatWouldHaveLedInAllOfIt(): void
    {
        $request = static fn(int $weeks, int $done): ProgramRequest => self::request($weeks, [20], done: $done);

        self::assertSame([Phase::Still, Phase::Moving], [$request(8, 0)->phase(Level::Beginner, 4), $request(8, 0)->phase(Level::Beginner, 5)]);
        self::assertSame([Phase::Still, Phase::Moving], [$request(5, 3)->phase(Level::Beginner, 1), $request(5, 3)->phase(Level::Beginner, 2)]);
    }

    public function testWhatStandsInIsNoHigherThanThePersonOnItsLadderAndAboveWhatWasMastered(): void
    {
        $working = ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'prone-extension/both-legs', 'all-fours/opposite-short', 'press-out/standing'];
        $backs = static function (string ...$mastered) use ($working): array {
            $here = self::standing(working: $working);
            $standing = new StartingPoint($here->library, $here->circumstances, $here->working, mastered: array_values($mastered));
            $cells = Generator::program($standing, self::request(4, [20, 20]))->weeks[0]->cells;

            return array_map(static fn(string $ladder): string => isset($cells[$ladder]) ? $cells[$ladder]->rung->slug : '', ['all-fours', 'prone-extension']);
        };

        self::assertSame(['all-fours/leg-held', 'prone-extension/both-legs'], $backs(), 'not the reverse plank at 4.0, where the person stands at 3.4');
        self::assertSame(['all-fours/opposite-short', 'prone-extension/both-legs'], $backs('all-fours/leg-held'), 'and nothing still lower once that is mastered');
    }

    public function testTheProgramEndsWithARetestAndALongOneRetestsOnTheWay(): void
    {
        $retests = static fn(int $weeks): array => array_values(array_map(static fn(ProgramWeek $week): int => $week->number, array_filter(self::program(weeks: $weeks)->weeks, static fn(ProgramWeek $week): bool => $week->retests)));

        self::assertSame([6], $retests(6));
        self::assertSame([4, 8, 12], $retests(12));
    }

    public function testTheDoseRisesBeforeTheRungChangesAndNeverBothAtOnce(): void
    {
        $weeks = self::program(weeks: 12)->weeks;
        $climbs = 0;
        foreach (array_slice($weeks, 1) as $at => $week) {
            foreach ($week->cells as $ladder => $cell) {
                $before = $weeks[$at]->cells[$ladder] ?? null;
                // Where something else begins to lead, another rung may stand in for the working one, or go again.
                if ($before !== null && $week->number !== 7 && $before->rung->slug !== $cell->rung->slug) {
                    $climbs++;
                    self::assertSame(DoseLine::print(FirstDose::half($cell->rung, Method::default(), $before->rung)->dose), DoseLine::print($cell->dose));
                    self::assertGreaterThan(0, $cell->rung->height->above($before->rung->height));
                }
            }
        }
        self::assertGreaterThan(5, $climbs);
        self::assertSame('3x(2x10s/5)', DoseLine::print($weeks[0]->cells['front-plank']->dose));
        self::assertSame('3x(3x10s/5)', DoseLine::print($weeks[1]->cells['front-plank']->dose));
    }

    /** @return iterable<string, array{State}> */
    public static function states(): iterable
    {
        foreach (State::cases() as $state) {
            yield $state->value => [$state];
        }
    }

    #[DataProvider('states')]
    public function testNoWeekHoldsARungThatALimitRulesOut(State $state): void
    {
        $limits = [$state->limit(Side::Both)];
        $standing = self::standing($limits);
        foreach (self::program(weeks: 12, limits: $limits)->weeks as $week) {
            foreach ($week->sessions as $session) {
                foreach ($session->items() as $item) {
                    self::assertTrue($standing->circumstances->rule($item->rung)->openOn(Side::Both), "{$item->rung->name} in week {$week->number}");
                }
            }
        }
    }

    public function testWhatHasNoSetsSaysWhetherOtherWorkOfItsDemandHas(): void
    {
        $said = [];
        foreach (self::program(minutes: [5], working: [...self::WORKING, 'leg-slide/flat-bend'])->weeks as $week) {
            foreach ($week->whySets as $ladder => $why) {
                $demand = ShippedLibrary::get()->ladder($ladder)->demand;
                $sentence = explode(': ', explode('. ', $why->sentence)[0])[1];
                $said[$sentence] = true;
                self::assertSame(Rule::ProgramSets, $why->rule);
                self::assertSame(match (true) {
                    $week->sets($ladder) > 0 => $week->sets($ladder) === 1 ? '1 set' : "{$week->sets($ladder)} sets",
                    self::timesMet($week, $demand) > 0 => 'no sets this week, other work of its demand has them',
                    default => 'no sets this week, and no other work of its demand',
                }, $sentence);
            }
        }

        self::assertArrayHasKey('no sets this week, other work of its demand has them', $said);
        self::assertArrayHasKey('no sets this week, and no other work of its demand', $said);
    }

    public function testSessionsChangePositionNoMoreThanTheirSchoolAsksForAndWithDizzinessAsLittleAsThereCanBe(): void
    {
        $program = self::program(weeks: 4, minutes: [30, 30], limits: [State::Dizziness->limit(Side::Both)]);
        foreach ([[OrderSchool::BaseFirst, self::program(weeks: 4, minutes: [30, 30])], [OrderSchool::FewestMoves, $program]] as [$school, $made]) {
            foreach (array_merge(...array_map(static fn(ProgramWeek $week): array => array_values($week->sessions), $made->weeks)) as $session) {
                self::assertEquals($session, $school->write($session, []));
            }
        }

        self::assertStringContainsString('Dizziness changing position: grouped by position', self::sentences($program->notes));
    }

    public function testAnEffortOfAgreementIsMadeInEveryOrdinaryWeek(): void
    {
        foreach (self::program(weeks: 12, minutes: [20, 20, 20])->weeks as $week) {
            if ($week->kind === WeekKind::Build) {
                // A rung far above the last one begins at a quarter of its mark, which one week of twelve feels.
                self::assertGreaterThan(830, $week->agreementPerMille, "week {$week->number}");
            }
        }
    }

    public function testThreeMinutesASessionAreTooFewAndItSaysWhatWouldBeEnough(): void
    {
        $week = self::program(minutes: [3])->weeks[0];
        $tooFew = array_values(array_filter($week->notes, static fn(Reason $note): bool => $note->rule === Rule::ProgramMinimum));

        self::assertStringContainsString('the minutes do not hold more', self::sentences($tooFew));
        self::assertMatchesRegularExpression('/^About \d+ minutes more in each session/', (string) $tooFew[0]->wouldChange);
    }

    public function testWhatASquadDoesCountsAndTheProgramFillsWhatItLeaves(): void
    {
        // Front and side alone, twice a week.
        $beside = self::beside(['front-plank/forearms-knees' => '4x30s', 'side-bridge/knees-bent' => '4x20s/side'], 2);
        $made = static fn(Beside $beside): Program => Generator::program(self::standing(), self::request(4, [20, 20], beside: $beside));
        [$alone, $with] = [$made(new Beside), $made($beside)];
        $own = static fn(Program $program): array => self::work($program->weeks[0]);
        $share = static fn(Program $program, Demand $demand): int => WorkShares::ofWork($own($program))->perMille($demand);
        $all = static fn(Program $program): int => WorkShares::ofWork([...$beside->work, ...$own($program)])->agreementPerMille(Aim::Even->targets());

        foreach ([Demand::AntiExtension, Demand::AntiLateralFlexion] as $given) {
            self::assertLessThan($share($alone, $given), $share($with, $given), $given->value);
        }
        foreach ([Demand::AntiFlexion, Demand::AntiRotation] as $left) {
            self::assertGreaterThan($share($alone, $left), $share($with, $left), $left->value);
        }
        self::assertGreaterThan($all($alone) + 50, $all($with), 'the whole week comes nearer to the aim');
        self::assertSame($all($with), $with->weeks[0]->agreementPerMille, 'and that is what is shown');
        $told = array_values(array_filter($with->notes, static fn(Reason $note): bool => $note->rule === Rule::ProgramBeside))[0];
        self::assertSame(['front 4:00', 'lateral 5:20', 'hip 2:40', 'shoulder girdle 2:00'], array_map(static fn(Input $input): string => "{$input->name} {$input->value}", $told->inputs));
        self::assertNotContains(Rule::ProgramBeside, array_map(static fn(Reason $note): Rule => $note->rule, $alone->notes));
    }

    public function testADemandThatTheSquadMeetsIsMetByTheProgramAsOftenAsIsLeft(): void
    {
        $short = static fn(Beside $beside): array => array_values(array_map(static fn(Reason $note): string => explode(':', $note->sentence)[0], array_filter(Generator::program(self::standing(), self::request(4, [4], beside: $beside))->weeks[0]->notes, static fn(Reason $note): bool => $note->rule === Rule::ProgramMinimum)));

        self::assertNotSame([], $short(new Beside), 'four minutes hold not every demand');
        $everything = ['front-plank/forearms-knees' => '2x30s', 'side-bridge/knees-bent' => '2x20s/side', 'all-fours/opposite-short' => '2x8/side', 'press-out/standing-short' => '2x8/side'];
        self::assertSame([], $short(self::beside($everything, 2)), 'twice with the squad');
        // Three sessions with those of the squad: each twice, and what is not met by the program was met once.
        $once = $short(self::beside($everything, 1));
        self::assertSame([], $once, 'two sessions in all: once is enough');
        self::assertStringContainsString('is met once this week, not twice', implode(' ', $short(self::beside($everything, 1, besides: 1))));
    }

    public function testMinutesThatSmallDosesLeaveEmptyAreTold(): void
    {
        $notes = static fn(int ...$minutes): string => self::sentences(self::program(minutes: array_values($minutes))->weeks[0]->notes);

        self::assertStringContainsString('of their minutes: the doses are small', $notes(60, 60));
        self::assertStringNotContainsString('of their minutes', $notes(15, 15));
    }

    public function testTheMinutesItNamesAreEnough(): void
    {
        $notes = array_map(static fn(Reason $note): string => (string) $note->wouldChange, self::program(minutes: [3])->weeks[0]->notes);
        self::assertSame(1, preg_match('/About (\d+)/', $notes[0], $more));

        self::assertSame('', self::sentences(self::program(minutes: [3 + (int) ($more[1] ?? 0)])->weeks[0]->notes));
    }

    public function testADemandForWhichNothingIsOpenStaysOpenAndItSaysWhatWouldOpenIt(): void
    {
        $library = ShippedLibrary::get();
        $lateral = array_values(array_unique(array_map(static fn($rung): string => $rung->ladder, $library->meeting(Demand::AntiLateralFlexion))));
        $program = self::program(stopped: $lateral, working: ['front-plank/forearms-toes', 'all-fours/opposite-short']);

        self::assertStringContainsString('Lateral: nothing is open to this person', self::sentences($program->notes));
        self::assertStringContainsString('reopened', implode(' ', array_map(static fn(Reason $note): string => (string) $note->wouldChange, $program->notes)));
    }

    public function testWhereNothingAtAllIsOpenTheWeeksAreEmptyAndEveryDemandSaysWhy(): void
    {
        $program = self::program(weeks: 4, working: [], stopped: ShippedLibrary::get()->slugs());

        self::assertCount(4, $program->weeks);
        self::assertCount(count(Demand::withShare()), $program->notes);
        foreach ($program->weeks as $week) {
            self::assertSame([], $week->sessions);
        }
    }

    public function testADemandNobodyHasPlacedBeginsLow(): void
    {
        $program = self::program(working: ['front-plank/forearms-toes']);

        self::assertStringContainsString('not placed yet', self::sentences($program->notes));
        foreach ($program->weeks[0]->cells as $ladder => $cell) {
            if ($ladder !== 'front-plank') {
                self::assertLessThanOrEqual(24, $cell->rung->height->tenths);
            }
        }
    }

    public function testAFixedRungHoldsFromItsWeekOnAndTheRestFollows(): void
    {
        $free = self::program(weeks: 8);
        $fixed = self::program(weeks: 8, locks: new Locks(rungs: [3 => ['front-plank' => 'front-plank/forearms-knees']]));

        self::assertSame($free->weeks[1]->cells['front-plank']->rung->slug, $fixed->weeks[1]->cells['front-plank']->rung->slug);
        self::assertSame('front-plank/forearms-knees', $fixed->weeks[2]->cells['front-plank']->rung->slug);
        self::assertTrue($fixed->weeks[2]->cells['front-plank']->locked);
        self::assertLessThan($free->weeks[7]->cells['front-plank']->rung->height->tenths, $fixed->weeks[7]->cells['front-plank']->rung->height->tenths);
    }

    public function testAFixedDoseAndFixedSetsStand(): void
    {
        $program = self::program(locks: new Locks(doses: [2 => ['front-plank' => DoseLine::parse('2x25s', Sidedness::Both)]], sets: ['slot-0' => ['front-plank' => 3, 'bridge' => 0]]));

        self::assertSame('2x25s', DoseLine::print($program->weeks[1]->cells['front-plank']->dose));
        foreach ($program->weeks as $week) {
            $sets = [];
            foreach ($week->sessions['slot-0']->items() as $item) {
                $sets[$item->rung->ladder] = $item->dose->sets();
            }
            self::assertSame($week->kind === WeekKind::Easier ? 2 : 3, $sets['front-plank'] ?? 0);
            self::assertArrayNotHasKey('bridge', $sets);
        }
    }

    public function testARungFixedInAnEasierWeekSaysSoThere(): void
    {
        $easier = self::program(weeks: 8, locks: new Locks(rungs: [4 => ['front-plank' => 'front-plank/forearms-knees']]))->weeks[3];

        self::assertSame(WeekKind::Easier, $easier->kind);
        self::assertSame('Front plank, forearms, knees down, 3x(3x10s/5). Fixed by the trainer from this week on.', $easier->cells['front-plank']->reason->sentence);
    }

    /** @return iterable<string, array{Locks, string}> */
    public static function contradictions(): iterable
    {
        yield 'a rung that is ruled out' => [new Locks(rungs: [2 => ['carry' => 'carry/one-side-light']]), 'ruled out'];
        yield 'a ladder left out and fixed' => [new Locks(rungs: [2 => ['front-plank' => 'front-plank/forearms-toes']], without: ['front-plank']), 'left out'];
        yield 'sets on a ladder left out' => [new Locks(sets: ['slot-0' => ['front-plank' => 2]], without: ['front-plank']), 'left out'];
        yield 'a rung of another ladder' => [new Locks(rungs: [1 => ['bridge' => 'front-plank/forearms-toes']]), 'another ladder'];
        yield 'more than the minutes hold' => [new Locks(sets: ['slot-0' => ['front-plank' => 4, 'side-bridge' => 4, 'all-fours' => 4, 'press-out' => 4, 'bridge' => 4]]), 'and there are 15 minutes'];
    }

    #[DataProvider('contradictions')]
    public function testLocksThatContradictAreRefusedWithTheReason(Locks $locks, string $says): void
    {
        $this->expectException(InvalidProgram::class);
        $this->expectExceptionMessage($says);

        self::program(locks: $locks, kit: [Kit::Mat, Kit::Band]);
    }

    public function testAProgramDoesNotBeginInThePastAndNeedsADay(): void
    {
        foreach ([['2026-11-10', [15], 'begins this week or later'], ['2026-11-30', [], 'no day for core work']] as [$start, $minutes, $says]) {
            try {
                self::program(minutes: $minutes, start: $start);
                self::fail('It should have been refused.');
            } catch (InvalidProgram $refused) {
                self::assertStringContainsString($says, $refused->getMessage());
            }
        }
    }

    public function testAWeekAwayIsWaitedFor(): void
    {
        $program = self::program(weeks: 4, away: ['2026-12-07']);

        self::assertSame([1, 0, 2, 3, 4], array_map(static fn(ProgramWeek $week): int => $week->number, $program->weeks));
        self::assertSame('2026-12-28', $program->weeks[4]->monday->iso());
        self::assertSame([], $program->weeks[1]->sessions);
    }

    public function testTheSessionsFollowTheOrderOfTheMethod(): void
    {
        $method = Method::default()->with(Answer::CarryFirst);
        $items = self::program(method: $method, working: [...self::WORKING, 'carry/one-side-heavy'], kit: Kit::cases(), locks: new Locks(sets: ['slot-0' => ['carry' => 2]]))->weeks[0]->sessions['slot-0']->items();

        self::assertSame('carry', $items[0]->rung->ladder);
    }

    public function testALadderThatGetsNoSetsDoesNotClimb(): void
    {
        // Two ladders for the front, and sets of the dead bug in no session.
        $program = self::program(weeks: 8, working: [...self::WORKING, 'dead-bug/opposite-short'], locks: new Locks(sets: ['slot-0' => ['dead-bug' => 0], 'slot-1' => ['dead-bug' => 0]]));
        foreach ($program->weeks as $week) {
            self::assertSame(0, $week->sets('dead-bug'));
            self::assertSame('dead-bug/opposite-short', $week->cells['dead-bug']->rung->slug);
            self::assertSame(DoseLine::print($program->weeks[0]->cells['dead-bug']->dose), DoseLine::print($week->cells['dead-bug']->dose));
        }
    }

    public function testAnExerciseIsDoneInTwoSetsOrMoreWhereItsDoseSaysSo(): void
    {
        foreach (self::program(weeks: 8, minutes: [20, 20, 20])->weeks as $week) {
            foreach ($week->sessions as $session) {
                foreach ($session->items() as $item) {
                    $planned = $week->cells[$item->rung->ladder]->dose->sets();
                    self::assertGreaterThanOrEqual(min(2, $planned), $item->dose->sets());
                    self::assertLessThanOrEqual($planned + 1, $item->dose->sets());
                }
            }
        }
    }

    public function testWhatIsAtItsMarkIsDoneInAsManySetsAsCountThere(): void
    {
        $atMark = 0;
        foreach ([self::WORKING, ['head-lift/elbows-up', 'front-plank/forearms-toes', 'side-bridge/knees-bent', 'press-out/standing', 'all-fours/opposite-short']] as $working) {
            foreach (array_filter(self::program(weeks: 8, minutes: [20, 20, 20], working: $working)->weeks, static fn(ProgramWeek $week): bool => $week->kind === WeekKind::Build) as $week) {
                foreach ($week->sessions as $session) {
                    foreach ($session->items() as $item) {
                        $planned = $week->cells[$item->rung->ladder]->dose;
                        $counts = LeavingMark::of($item->rung, Method::default(), $planned)->setsFor($item->rung, $planned) ?? 0;
                        $atMark += $counts > 2 ? 1 : 0;
                        self::assertGreaterThanOrEqual(min($counts, $planned->sets() + 1), $item->dose->sets(), "{$week->number}: {$item->rung->name}");
                    }
                }
            }
        }

        self::assertGreaterThan(10, $atMark);
    }

    public function testWhatIsTrainedComesAgain(): void
    {
        $ladders = $seldom = 0;
        foreach ([[15, 15], [20, 20, 20]] as $minutes) {
            foreach ([self::WORKING, ...array_column(iterator_to_array(self::phases()), 0)] as $working) {
                $weeks = self::program(weeks: 8, minutes: $minutes, working: $working)->weeks;
                foreach ([array_slice($weeks, 0, 3), array_slice($weeks, 4, 3)] as $building) {
                    $sessions = self::sessions($building);
                    $ladders += count($sessions);
                    $seldom += count(array_filter($sessions, static fn(int $times): bool => $times < 3));
                }
            }
        }

        self::assertGreaterThan(80, $ladders);
        self::assertLessThan(0.15, $seldom / $ladders, 'exercises of three building weeks that come fewer than three times');
    }

    public function testNoSetIsAddedToWhatWasTooMuchTheLastTime(): void
    {
        $standing = self::standing(working: ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing']);
        $doses = array_map(static fn(Rung $rung): Dose => FirstDose::half($rung, Method::default())->dose->withSets(1), array_column($standing->working, null, 'slug'));
        $begins = static fn(string ...$most): StartingPoint => new StartingPoint($standing->library, $standing->circumstances, $standing->working, $doses, most: array_values($most));
        $sets = static fn(Program $program, int $week): int => max([0, ...array_merge(...array_map(static fn(Session $session): array => array_map(static fn(Item $item): int => $item->rung->slug === 'front-plank/forearms-toes' ? $item->dose->sets() : 0, $session->items()), array_values($program->weeks[$week]->sessions)))]);
        $wish = self::request(weeks: 4, minutes: [20, 20]);

        self::assertSame(2, $sets(Generator::program($begins(), $wish), 0));
        $held = Generator::program($begins('front-plank/forearms-toes'), $wish);
        self::assertSame(1, $sets($held, 0));
        self::assertStringEndsWith('The working rung. No set is added to it, after the last time.', $held->weeks[0]->cells['front-plank']->reason->sentence);
        self::assertSame(2, $sets($held, 1), 'what follows a first week supposes that it went well');
        self::assertStringNotContainsString('No set is added', $held->weeks[1]->cells['front-plank']->reason->sentence);
    }

    public function testAWeekIsNamedByTheWorkThatLeadsInIt(): void
    {
        $still = new Session([new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '1x60s')), new StraightSets(ShippedLibrary::item('press-out/standing', '1x5/side 1-1-1-1'))]);

        // 60 s still, 2 × 5 × 4 = 40 s standing.
        self::assertSame([Phase::Still, 60], Phase::of([$still]));
        self::assertSame(Phase::Standing, Phase::of([$still, new Session([new StraightSets(ShippedLibrary::item('press-out/standing', '1x10/side 1-1-1-1'))])])[0] ?? null);
        self::assertNull(Phase::of([]));
    }

    /** @param list<Reason> $reasons */
    private static function sentences(array $reasons): string
    {
        return implode(' ', array_map(static fn(Reason $reason): string => $reason->sentence, $reasons));
    }

    /**
     * @param list<ProgramWeek> $weeks
     *
     * @return array<string, int> sessions, by ladder
     */
    private static function sessions(array $weeks): array
    {
        $ladders = [];
        foreach ($weeks as $week) {
            foreach ($week->sessions as $session) {
                array_push($ladders, ...array_map(static fn(Item $item): string => $item->rung->ladder, $session->items()));
            }
        }

        return array_count_values($ladders);
    }

    private static function timesMet(ProgramWeek $week, Demand $demand): int
    {
        return count(array_filter($week->sessions, static fn($session): bool => array_filter($session->items(), static fn($item): bool => $item->rung->demand === $demand) !== []));
    }

    /** How much of the work of a week counts for a phase, in tenths of a per cent. */
    private static function partOf(Phase $phase, ProgramWeek $week): int
    {
        $work = [0, 0];
        foreach ($week->sessions as $session) {
            $totals = $session->timeline()->totalsByItem();
            foreach ($session->items() as $item) {
                $work[(int) $phase->has($item->rung, $item->dose)] += $totals[$item->id]->work;
            }
        }

        return intdiv(1000 * $work[1], max(1, array_sum($work)));
    }

    /** @return list<string> */
    private static function lines(Program $program): array
    {
        $lines = [];
        foreach ($program->weeks as $week) {
            foreach ($week->sessions as $slot => $session) {
                foreach ($session->items() as $item) {
                    $lines[] = "{$week->number} {$slot} {$item->rung->slug} ".DoseLine::print($item->dose);
                }
            }
        }

        return $lines;
    }

    /**
     * @param list<\EvenRungs\Body\Limit> $limits
     * @param list<string>                $working
     * @param list<string>                $stopped
     * @param list<Kit>|null              $kit
     */
    private static function standing(array $limits = [], array $working = self::WORKING, array $stopped = [], ?array $kit = null, ?Method $method = null): StartingPoint
    {
        $rungs = [];
        foreach ($working as $slug) {
            $rung = ShippedLibrary::rung($slug);
            $rungs[$rung->ladder] = $rung;
        }

        return new StartingPoint(ShippedLibrary::get(), new Circumstances($limits, $kit ?? Kit::cases(), $method ?? Method::default()), $rungs, stopped: $stopped);
    }

    /** @return iterable<string, array{list<string>, list<Phase>}> working rungs, and what leads at the beginning and the end of eight weeks */
    public static function phases(): iterable
    {
        yield 'a beginner from still to moving' => [['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing'], [Phase::Still, Phase::Moving]];
        yield 'an intermediate from moving to standing' => [['front-plank/small-rock', 'side-bridge/hip-dips', 'all-fours/small-square', 'press-out/feet-together'], [Phase::Moving, Phase::Standing]];
        yield 'an advanced stays' => [['front-plank/body-saw', 'side-bridge/top-foot-bench', 'all-fours/knees-hover', 'press-out/walking'], [Phase::Standing, Phase::Standing]];
    }

    /**
     * @param list<string> $working
     * @param list<Phase>  $phases
     */
    #[DataProvider('phases')]
    public function testEightWeeksPassFromOnePhaseToTheNext(array $working, array $phases): void
    {
        $program = self::program(weeks: 8, minutes: [20, 20], working: $working);
        foreach ($program->weeks as $at => $week) {
            $phase = $phases[intdiv($at, 4)];
            self::assertStringStartsWith(ucfirst($phase->inWords()).' work should lead', $week->phase->sentence ?? '');
            self::assertGreaterThanOrEqual($phase->leastPerMille(), self::partOf($phase, $week), "week {$week->number}");
        }
        self::assertSame([Phase::Still, Phase::Still, Phase::Moving], [Phase::planned(Level::Foundation, 4, 8), Phase::planned(Level::Beginner, 6, 6), Phase::planned(Level::Intermediate, 4, 7)], 'shorter programs stay where they begin');
    }

    public function testHeldWorkLeadsTheFirstWeeksOfBeginnersWhereverTheyStand(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $weeks = $led = 0;
        for ($board = 0; $board < 12; $board++) {
            $working = [];
            foreach (Demand::withShare() as $demand) {
                $near = array_values(array_filter(ShippedLibrary::get()->meeting($demand), static fn(Rung $rung): bool => abs($rung->height->tenths - 30) <= 10 && $rung->inTrunk(Method::default())));
                $working[] = $near[$random->getInt(0, count($near) - 1)]->slug;
            }
            foreach (array_slice(self::program(weeks: 8, minutes: [20, 20], working: $working)->weeks, 0, 4) as $week) {
                $weeks++;
                $led += (int) (self::partOf(Phase::Still, $week) >= 480);
                foreach ($week->cells as $cell) {
                    $here = max([24, ...array_map(static fn(string $slug): int => ShippedLibrary::rung($slug)->demand === $cell->rung->demand ? ShippedLibrary::rung($slug)->height->tenths : 0, $working)]);
                    self::assertLessThanOrEqual($here + 8, $cell->rung->height->tenths, 'nothing stands in that is above where the person stands, but for a climb');
                }
            }
        }

        self::assertGreaterThanOrEqual(intdiv(9 * $weeks, 10), $led);
    }

    public function testWhatStandsInForARuledOutWorkingRungClimbsNoHigherThanThat(): void
    {
        $program = self::program(weeks: 12, working: ['front-plank/forearms-low-step', 'press-out/standing'], kit: [Kit::Mat]);
        $planks = array_map(static fn(ProgramWeek $week): string => $week->cells['front-plank']->rung->slug ?? '', $program->weeks);

        self::assertSame(['front-plank/forearms-knees'], array_values(array_unique(array_filter($planks))));
        self::assertStringContainsString('“Front plank, forearms, knees down” stands in for the working rung.', self::sentences($program->notes));
    }

    public function testWithoutAnyHeldWorkTheMinutesAreFilledAllTheSame(): void
    {
        $offers = array_map(static fn(string $slug): Candidate => Candidate::of($rung = ShippedLibrary::rung($slug), $rung->defaultDose(Method::default())), ['dead-bug/opposite-short', 'all-fours/opposite-short', 'press-out/standing']);
        $sets = static fn(?Phase $phase): int => array_sum(array_map(array_sum(...), SetSearch::solve(new SetProblem($offers, [900, 900], Aim::Even->targets(), [], phase: $phase))->sets));

        self::assertSame($sets(null), $sets(Phase::Still));
    }

    public function testADemandWithNothingButShortHoldsMakesTheWeekNoSmaller(): void
    {
        // Of the front only a head lift of two seconds is left, each with a minute's rest.
        $program = self::program(weeks: 4, minutes: [29, 29, 29], working: ['head-lift/both-hands', 'carry/standing-hold', 'all-fours/leg-slide', 'press-out/seated', 'floor-anti-rotation/knee-fall-out', 'hinge/dowel', 'bridge/staggered', 'hip-side/banded-leg-lift']);

        foreach (array_slice($program->weeks, 0, 3) as $week) {
            self::assertGreaterThan(0.55 * 3 * 29 * 60, $week->seconds(), "week {$week->number}");
        }
    }

    public function testThePhaseThatLeadsGetsMoreOfTheWorkThanTheSharesAloneWouldGive(): void
    {
        // Front and side are held here, back and rotation move.
        $offers = array_map(static fn(string $slug): Candidate => Candidate::of($rung = ShippedLibrary::rung($slug), $rung->defaultDose(Method::default())), ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'dead-bug/ninety-both-arms']);
        $held = static function (?Phase $phase) use ($offers): float {
            $work = [0, 0];
            foreach (SetSearch::solve(new SetProblem($offers, [900, 900], Aim::Even->targets(), [], phase: $phase))->sets as $row) {
                foreach ($row as $at => $sets) {
                    $work[(int) Phase::Still->has($offers[$at]->rung, $offers[$at]->dose)] += $sets * $offers[$at]->workSeconds;
                }
            }

            return $work[1] / array_sum($work);
        };

        self::assertGreaterThan($held(null), $held(Phase::Still));
        self::assertSame($held(null), $held(Phase::Moving), 'over half of it moves already');
    }

    public function testARungOfALaterPhaseWaitsUnlessTheBoardIsThere(): void
    {
        $quick = static fn(string ...$working): array => array_map(static fn(ProgramWeek $week): string => $week->cells['front-plank']->rung->slug, self::program(weeks: 12, working: array_values($working), method: Method::default()->with(Answer::AsSoonAsClean))->weeks);
        $alone = $quick('front-plank/tight-plank', 'side-bridge/knees-bent', 'all-fours/opposite-held', 'press-out/seated');
        $there = $quick('front-plank/tight-plank', 'dead-bug/opposite-short', 'side-bridge/knees-bent', 'all-fours/opposite-held', 'press-out/seated');

        self::assertNotContains('front-plank/small-rock', array_slice($alone, 0, 6), 'held work leads in the first six weeks');
        self::assertContains('front-plank/small-rock', $alone, 'and it comes in the second half');
        self::assertContains('front-plank/small-rock', array_slice($there, 0, 6), 'the front moves already with the dead bug');
    }

    public function testWhatIsFixedInAWeekChangesNoSetBeforeIt(): void
    {
        $sets = static fn(Program $program, int $weeks): array => array_map(static fn(ProgramWeek $week): array => array_map(static fn(Session $session): array => array_map(static fn(Item $item): string => $item->rung->slug.' '.DoseLine::print($item->dose), $session->items()), $week->sessions), array_slice($program->weeks, 0, $weeks));
        $free = self::program(weeks: 8);
        $one = self::program(weeks: 8, locks: new Locks([3 => ['front-plank' => 'front-plank/forearms-wall']]));
        $two = self::program(weeks: 8, locks: new Locks([3 => ['front-plank' => 'front-plank/forearms-wall'], 7 => ['side-bridge' => 'side-bridge/wall-lean']]));

        self::assertSame($sets($free, 2), $sets($one, 2));
        self::assertSame($sets($one, 6), $sets($two, 6));
        self::assertNotEquals($sets($free, 3), $sets($one, 3));
    }

    public function testTheKindsOfWorkAreSteeredTowardsTheirTarget(): void
    {
        $working = ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/standing', 'hinge/blocks-two-hands', 'hip-side/banded-clam', 'bridge/short-top'];
        $mix = static function (bool $steered) use ($working): int {
            $sets = [];
            foreach (Generator::program(self::standing([], $working, [], null), self::request(4, [20, 20, 20], kinds: $steered ? KindMix::target(Aim::Strength) : null))->weeks[0]->sessions as $session) {
                foreach (WorkingSets::byKind($session) as $kind => $count) {
                    $sets[$kind] = ($sets[$kind] ?? 0) + $count;
                }
            }

            return KindMix::of($sets)->agreementPerMille(KindMix::target(Aim::Strength) ?? []) ?? 0;
        };

        self::assertGreaterThan($mix(false), $mix(true));
    }

    public function testEasierWeeksHaveThreeFifthsOfTheWorkWithoutOutliers(): void
    {
        foreach ([[15, 15], [12, 12, 12], [25, 25]] as $minutes) {
            foreach ([[], [State::Under16->limit(Side::Both)], [State::ShoulderPain->limit(Side::Left)]] as $limits) {
                foreach ([self::WORKING, ['front-plank/forearms-wall', 'side-bridge/wall-lean', 'all-fours/one-arm', 'press-out/seated', 'bridge/touch'], ['front-plank/body-saw', 'carry/one-side-shoulder', 'hinge/swing', 'press-out/push-pull', 'bridge/one-leg']] as $working) {
                    $weeks = self::program(weeks: 8, minutes: $minutes, limits: $limits, working: $working)->weeks;
                    foreach ([3, 7] as $easier) {
                        $before = $weeks[$easier - 1];
                        self::assertEqualsWithDelta(0.6, $weeks[$easier]->work() / $before->work(), 0.05);
                    }
                }
            }
        }
    }

    /**
     * @param list<int>                   $minutes of each session
     * @param list<\EvenRungs\Body\Limit> $limits
     * @param list<string>                $working
     * @param list<string>                $stopped
     * @param list<Kit>|null              $kit
     * @param list<string>                $away
     */
    private static function program(int $weeks = 6, array $minutes = [15, 15], array $limits = [], array $working = self::WORKING, array $stopped = [], ?Locks $locks = null, ?array $kit = null, string $start = '2026-11-30', array $away = [], ?Method $method = null, int $behind = 0, int $done = 0): Program
    {
        return Generator::program(self::standing($limits, $working, $stopped, $kit, $method), self::request($weeks, $minutes, $locks, $start, $away, behind: $behind, done: $done));
    }

    /**
     * @param list<int>               $minutes of each session
     * @param list<string>            $away
     * @param array<string, int>|null $kinds
     */
    private static function request(int $weeks, array $minutes, ?Locks $locks = null, string $start = '2026-11-30', array $away = [], ?array $kinds = null, int $behind = 0, int $done = 0, ?Beside $beside = null): ProgramRequest
    {
        $slots = [];
        foreach ($minutes as $at => $length) {
            $slots[] = new ProgramSlot("slot-{$at}", new Cell(1 + 2 * $at, DayPart::Evening), SessionRole::OwnDay, $length, 6);
        }

        return new ProgramRequest(Day::parse($start), Day::parse('2026-11-25'), $weeks, $slots, Aim::Even->targets(), Rate::stated(Rate::STATED_TENTHS), $locks ?? new Locks, away: $away, behind: $behind, kinds: $kinds, done: $done, beside: $beside ?? new Beside);
    }

    /**
     * @param array<string, string> $doses   by rung
     * @param int                   $besides sessions in which nothing of them is done
     */
    private static function beside(array $doses, int $times, int $besides = 0): Beside
    {
        $item = static fn(string $rung, string $dose): StraightSets => new StraightSets(new Item($rung, ShippedLibrary::get()->rung($rung), DoseLine::parse($dose, ShippedLibrary::get()->rung($rung)->sidedness)));
        $session = new Session(array_map($item, array_keys($doses), array_values($doses)));

        return Beside::of([...array_fill(0, $times, $session), ...array_fill(0, $besides, new Session([$item('bridge/long-top', '2x8')]))]);
    }

    /** @return list<array{Demand, list<Demand>, int}> */
    private static function work(ProgramWeek $week): array
    {
        $work = [];
        foreach ($week->sessions as $session) {
            $totals = $session->timeline()->totalsByItem();
            foreach ($session->items() as $item) {
                $work[] = [$item->rung->demand, $item->rung->secondary, $totals[$item->id]->work];
            }
        }

        return $work;
    }
}
