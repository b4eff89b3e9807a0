<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Screening\State;
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
        yield 'osteoporosis: no strong turning' => [State::Osteoporosis, ['press-out/corner-bar-arc'], ['press-out/standing', 'front-plank/forearms-bench']];
        yield 'raised pressure: no long strain' => [State::RaisedPressure, ['front-plank/tight-plank', 'side-bridge/long-lever'], ['front-plank/forearms-toes']];
        yield 'hip pinch: no knee raises, folds or 90/90 holds' => [State::HipPinch, ['front-plank/knee-to-elbow', 'dead-bug/ninety-hold', 'trunk-flexion/hanging-knee-raise', 'trunk-flexion/double-fold'], ['front-plank/foot-lift', 'leg-slide/flat-slide']];
        yield 'shoulder pain: no planks, hanging or overhead; back-lying, band, bridge and carry stay' => [State::ShoulderPain, ['front-plank/forearms-toes', 'side-bridge/knees-bent', 'trunk-flexion/hanging-leg-raise', 'carry/one-side-overhead', 'dead-bug/opposite-full'], ['dead-bug/one-leg-hover', 'press-out/standing', 'bridge/one-leg', 'carry/one-side-heavy']];
        yield 'arching: no prone lifts, rollouts, straight-leg lowering, hollow, overhead, throws or swings' => [State::BackWorseArching, ['prone-extension/both-legs', 'rollout/wheel-30', 'dead-bug/leg-lowering', 'dead-bug/hollow-hold', 'dead-bug/plate-overhead', 'standing-turn/ball-throw', 'hinge/swing'], ['bridge/short-top', 'all-fours/opposite-short', 'hinge/dowel']];
        yield 'osteoporosis: no bending with body weight as the load, no loaded turning' => [State::Osteoporosis, ['trunk-flexion/sit-up-slow', 'trunk-flexion/reverse-curl-small', 'dead-bug/hollow-hold', 'trunk-flexion/double-fold', 'all-fours/elbow-to-knee', 'standing-turn/weight-swing'], ['front-plank/forearms-toes', 'hinge/dowel', 'head-lift/both-hands']];
        yield 'pregnancy: nothing face down or hanging, no breath holding' => [State::Pregnancy, ['prone-extension/one-leg', 'trunk-flexion/hanging-knee-raise', 'hinge/bar-heavy'], ['all-fours/leg-lift', 'press-out/seated']];
        yield 'raised pressure: no head-down' => [State::RaisedPressure, ['shoulder-girdle/wall-handstand', 'trunk-flexion/strap-pike'], ['bridge/long-top']];
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
