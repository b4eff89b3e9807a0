<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
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
        yield 'hip pinch: no knee drawn up' => [State::HipPinch, ['front-plank/knee-to-elbow'], ['front-plank/foot-lift']];
    }

    /**
     * @param list<string> $closed
     * @param list<string> $open
     */
    #[DataProvider('states')]
    public function test_a_state_closes_what_loads_it_and_leaves_the_rest(State $state, array $closed, array $open): void
    {
        $circumstances = new Circumstances([$state->limit(Side::Both)], Kit::cases());

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
            $circumstances = new Circumstances([$state->limit(Side::Both)], [Kit::Wall, Kit::Bench, Kit::Band]);
            foreach (ShippedLibrary::get()->ladders as $ladder) {
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
