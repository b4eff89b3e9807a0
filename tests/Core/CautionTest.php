<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Screening\State;
use EvenRungs\Week\TrainingDays;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The caution table on the shipped ladders: what each state closes and what it must leave open. */
final class CautionTest extends TestCase
{
    /** @return iterable<string, array{State, list<string>, list<string>}> closed, open */
    public static function states(): iterable
    {
        yield 'shoulder pain: no planks, no side planks' => [State::ShoulderPain, ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'press-out/overhead'], ['press-out/standing', 'all-fours/leg-lift']];
        yield 'wrist pain: no flat hand' => [State::WristPain, ['front-plank/hands-toes', 'all-fours/one-arm', 'side-bridge/on-the-hand'], ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'press-out/standing']];
        yield 'knee pain when kneeling' => [State::KneelingPain, ['front-plank/forearms-knees', 'all-fours/leg-lift', 'press-out/tall-kneeling', 'press-out/half-kneeling-wide'], ['front-plank/forearms-bench', 'press-out/standing', 'side-bridge/top-foot-front']];
        yield 'back pain worse arching: nothing that arches or goes overhead' => [State::BackWorseArching, ['front-plank/body-saw', 'front-plank/opposite-arm-leg', 'press-out/overhead'], ['front-plank/forearms-toes', 'all-fours/leg-lift']];
        yield 'osteoporosis: the head stays down' => [State::Osteoporosis, ['head-lift/both-hands', 'head-lift/elbows-up', 'head-lift/long-holds'], ['head-lift/one-hand-check']];
        yield 'osteoporosis: no strong turning' => [State::Osteoporosis, ['press-out/corner-bar-arc'], ['press-out/standing', 'front-plank/forearms-bench']];
        yield 'raised pressure: no long strain' => [State::RaisedPressure, ['front-plank/tight-plank', 'side-bridge/long-lever'], ['front-plank/forearms-toes']];
        yield 'hip pinch: no knee raises, folds or 90/90 holds' => [State::HipPinch, ['front-plank/knee-to-elbow', 'dead-bug/ninety-hold', 'trunk-flexion/hanging-knee-raise', 'trunk-flexion/double-fold'], ['front-plank/foot-lift', 'leg-slide/flat-slide']];
        yield 'shoulder pain: no planks, hanging or overhead; back-lying, band, bridge and carry stay' => [State::ShoulderPain, ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'trunk-flexion/hanging-leg-raise', 'carry/one-side-overhead', 'dead-bug/plate-overhead'], ['dead-bug/one-leg-hover', 'dead-bug/opposite-short', 'dead-bug/same-side', 'press-out/standing', 'bridge/one-leg', 'carry/one-side-heavy']];
        yield 'arching: no prone lifts, rollouts, straight-leg lowering, hollow, overhead, throws or swings' => [State::BackWorseArching, ['prone-extension/both-legs', 'rollout/wheel-30', 'dead-bug/leg-lowering', 'dead-bug/hollow-hold', 'dead-bug/plate-overhead', 'standing-turn/ball-throw', 'hinge/swing'], ['bridge/short-top', 'all-fours/opposite-short', 'hinge/dowel']];
        yield 'osteoporosis: no bending with body weight as the load, no loaded turning' => [State::Osteoporosis, ['trunk-flexion/sit-up-slow', 'trunk-flexion/reverse-curl-small', 'dead-bug/hollow-hold', 'trunk-flexion/double-fold', 'all-fours/elbow-to-knee', 'standing-turn/weight-swing'], ['front-plank/forearms-toes', 'hinge/dowel']];
        yield 'pregnancy: nothing face down or hanging, no breath holding' => [State::Pregnancy, ['prone-extension/one-leg', 'trunk-flexion/hanging-knee-raise', 'hinge/bar-heavy'], ['all-fours/leg-lift', 'press-out/seated']];
        yield 'raised pressure: no head-down' => [State::RaisedPressure, ['shoulder-girdle/wall-handstand', 'trunk-flexion/strap-pike'], ['bridge/long-top']];
        yield 'hernia: no weight standing or walking' => [State::Hernia, ['carry/two-hand-carry', 'hinge/blocks-two-hands', 'carry/one-side-light'], ['press-out/standing', 'front-plank/forearms-toes', 'hinge/dowel', 'side-bridge/knees-bent']];
        yield 'abdominal wall separation closes nothing by itself: doming does' => [State::AbdominalSeparation, [], ['rollout/wheel-30', 'front-plank/forearms-toes']];
        yield 'pelvic floor: no long strain' => [State::PelvicFloor, ['front-plank/tight-plank', 'hinge/bar-heavy'], ['front-plank/forearms-toes', 'bridge/touch']];
        yield 'dizziness: no head-down' => [State::Dizziness, ['shoulder-girdle/wall-handstand'], ['dead-bug/opposite-full', 'press-out/standing']];
        yield 'neck: head supported, no head-lift' => [State::NeckPain, ['head-lift/both-hands', 'head-lift/long-holds', 'dead-bug/hollow-hold', 'trunk-flexion/curl-up'], ['head-lift/one-hand-check', 'dead-bug/opposite-full']];
    }

    /**
     * @param list<string> $closed
     * @param list<string> $open
     */
    #[DataProvider('states')]
    public function test_a_state_closes_what_loads_it_and_leaves_the_rest(State $state, array $closed, array $open): void
    {
        $circumstances = new Circumstances([$state->limit(Side::Both)], Kit::cases(), Method::default());

        foreach ($closed as $slug) {
            self::assertFalse($circumstances->rule(ShippedLibrary::rung($slug))->openSomewhere(), "{$slug} should be closed");
        }
        foreach ($open as $slug) {
            self::assertTrue($circumstances->rule(ShippedLibrary::rung($slug))->openOn(Side::Both), "{$slug} should be open");
        }
    }

    /** @return iterable<string, array{int, list<State>}> year of birth in 2026 */
    public static function ages(): iterable
    {
        yield '15 or 16: the more careful end' => [2010, [State::Under16]];
        yield '16 or 17' => [2009, [State::Under18]];
        yield '17 or 18' => [2008, [State::Under18]];
        yield '18 or 19' => [2007, []];
        yield '64 or 65' => [1961, []];
        yield '65 or 66' => [1960, [State::Over65]];
    }

    /** @param list<State> $states */
    #[DataProvider('ages')]
    public function test_age_asks_for_care_by_the_year_of_birth(int $born, array $states): void
    {
        self::assertSame($states, State::ofAge($born, 2026));
        foreach ($states as $state) {
            self::assertTrue($state->isByAge());
        }
    }

    public function test_under_sixteen_a_climb_asks_for_effort_six_and_under_eighteen_for_the_usual_seven(): void
    {
        $highest = static fn(State $state): int => (new Circumstances([$state->limit(Side::Both)], [], Method::default()))->highestEffort();

        self::assertSame([6, 7], [$highest(State::Under16), $highest(State::Under18)]);
        self::assertContains('at most 3 days a week, not running', State::Under18->limit(Side::Both)->effects());
    }

    /** @return iterable<string, array{list<int>, list<string>}> */
    public static function days(): iterable
    {
        yield 'three days apart' => [[1, 3, 5], []];
        yield 'two that follow each other' => [[1, 2], ['Monday and Tuesday follow each other.']];
        yield 'Sunday and Monday follow each other too' => [[1, 7], ['Sunday and Monday follow each other.']];
        yield 'four days cannot all be apart' => [[1, 3, 5, 7], ['4 training days; at most 3.', 'Sunday and Monday follow each other.']];
    }

    /**
     * NSCA position statement 2009: two to three days that do not follow each other (value from memory).
     *
     * @param list<int>    $days
     * @param list<string> $said
     */
    #[DataProvider('days')]
    public function test_the_young_train_on_two_or_three_days_that_do_not_follow_each_other(array $days, array $said): void
    {
        $sentences = array_map(static fn($reason): string => $reason->sentence, TrainingDays::against([State::Under18->limit(Side::Both)], $days));

        self::assertSame(array_map(static fn(string $end): string => "Under 18: {$end}", $said), $sentences);
        self::assertSame([], TrainingDays::against([State::WristPain->limit(Side::Both)], $days), 'no other limit asks for it');
    }

    public function test_every_state_does_something_and_says_what_and_where_it_comes_from(): void
    {
        foreach (State::cases() as $state) {
            self::assertNotSame([], $state->limit(Side::Both)->effects(), $state->value);
            self::assertSame('noted on 12 November', $state->limit(Side::Both, 'noted on 12 November')->origin);
        }
    }

    public function test_every_caution_is_a_sentence_and_names_its_side(): void
    {
        foreach (State::cases() as $state) {
            $limit = $state->limit(Side::Left);
            self::assertStringEndsWith('.', $limit->caution);
            self::assertSame($state->isSided() ? "{$state->label()}, left" : $state->label(), $limit->name);
        }
    }

    public function test_a_substitute_is_never_ruled_out_and_never_higher(): void
    {
        foreach (State::cases() as $state) {
            $circumstances = new Circumstances([$state->limit(Side::Both)], [Kit::Wall, Kit::Bench, Kit::Band], Method::default());
            foreach (ShippedLibrary::get()->ladders() as $ladder) {
                foreach ($ladder->rungs as $rung) {
                    $this->substituteFits($rung, $circumstances);
                }
            }
        }
    }

    private function substituteFits(Rung $rung, Circumstances $circumstances): void
    {
        $substitution = \EvenRungs\Ladder\Substitution::for($rung, ShippedLibrary::get(), $circumstances);
        if ($substitution === null) {
            return;
        }
        self::assertTrue($circumstances->rule($substitution->instead)->openOn(Side::Both));
        self::assertLessThanOrEqual($rung->height->tenths, $substitution->instead->height->tenths);
        self::assertSame($rung->demand, $substitution->instead->demand);
    }
}
