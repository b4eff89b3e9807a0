<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\MethodTrial;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\TestCase;

/** What a choice of the method would do to a session that is there. */
final class MethodTrialTest extends TestCase
{
    public function test_the_present_method_changes_nothing(): void
    {
        foreach (Question::cases() as $question) {
            $trial = $this->trial($question->answers()[0]);
            self::assertSame([], $trial->changes);
            self::assertEquals($this->session(), $trial->after);
        }
    }

    public function test_a_default_dose_becomes_the_default_of_the_other_method_and_a_written_one_stands(): void
    {
        $trial = $this->trial(Answer::LongHolds);

        self::assertSame(['Front plank, forearms and toes: 3x(4x10s/5) → 3x30s.'], $trial->changes);
        self::assertSame(['3x30s', '2x7/side'], array_map(static fn($item): string => DoseLine::print($item->dose), array_slice($trial->after?->items() ?? [], 0, 2)));
    }

    public function test_counting_changes_what_is_written_and_not_the_session(): void
    {
        $trial = $this->trial(Answer::CountMovements);

        self::assertEquals($this->session(), $trial->after);
        self::assertContains('Press-out, standing: 2x7/side → 2x14 moves.', $trial->changes);
    }

    public function test_another_order_says_what_it_begins_with(): void
    {
        self::assertContains('Order: begins with Press-out, standing.', $this->trial(Answer::CarryFirst)->changes);
    }

    public function test_a_rung_that_is_put_away_is_replaced_or_left_out(): void
    {
        $now = Method::default()->with(Answer::TrainedMovementToo);
        $session = new Session([new StraightSets(ShippedLibrary::item('trunk-flexion/curl-up', '1x10')), new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '2x20s'))]);
        $trial = MethodTrial::of($session, $this->under($now), $this->under(Method::default()), ShippedLibrary::get(), []);

        self::assertSame(['Curl-up: put away, and nothing open stands in.'], $trial->changes);
        self::assertCount(1, $trial->after?->items() ?? []);
    }

    public function test_a_circuit_that_loses_a_station_keeps_the_others(): void
    {
        $now = Method::default()->with(Answer::TrainedMovementToo);
        $circuit = Circuit::evenly([ShippedLibrary::item('trunk-flexion/curl-up', '2x10', 'a'), ShippedLibrary::item('front-plank/forearms-toes', '2x20s', 'b'), ShippedLibrary::item('hip-side/clam', '2x10/side', 'c')], 20, 40);
        $after = MethodTrial::of(new Session([$circuit]), $this->under($now), $this->under(Method::default()), ShippedLibrary::get(), [])->after;

        self::assertEquals([20], $after?->blocks[0] instanceof Circuit ? $after->blocks[0]->gapSeconds : null);
    }

    public function test_where_a_limit_speaks_against_a_choice_the_limit_wins_and_says_so(): void
    {
        $circumstances = new Circumstances([State::RaisedPressure->limit(Side::Both)], Kit::cases(), Method::default()->with(Answer::SqueezeFully)->with(Answer::NearTheLimit));
        $cues = implode(' ', ShippedLibrary::rung('front-plank/forearms-toes')->cues($circumstances));

        self::assertStringContainsString('Squeeze about a third only', $cues);
        self::assertStringContainsString('comes before the method', $cues);
        self::assertStringNotContainsString('as tight as you can', $cues);
        self::assertStringNotContainsString('near the limit', $cues);
    }

    public function test_a_back_that_must_not_bend_or_turn_under_load_is_not_told_to_by_the_method(): void
    {
        $method = Method::default()->with(Answer::TrunkTurns)->with(Answer::PressedFlat)->with(Answer::Tucked);
        $says = static fn(string $slug, State ...$states): string => implode(' ', ShippedLibrary::rung($slug)->cues(new Circumstances(array_map(static fn(State $state): Limit => $state->limit(Side::Both), array_values($states)), Kit::cases(), $method)));

        self::assertStringContainsString('Turn hips and ribs together', $says('standing-turn/half-kneeling-chop'));
        self::assertStringContainsString('Turn the hips, the trunk stays still: osteoporosis comes before the method.', $says('standing-turn/half-kneeling-chop', State::Osteoporosis));
        self::assertStringContainsString('Press the low back flat', $says('dead-bug/ninety-hold'));
        self::assertStringContainsString('Keep the natural arch: back pain worse bending comes before the method.', $says('dead-bug/ninety-hold', State::BackWorseBending));
        self::assertStringContainsString('Keep the pelvis in line: osteoporosis comes before the method.', $says('front-plank/forearms-toes', State::Osteoporosis));
    }

    private function trial(Answer $answer): MethodTrial
    {
        return MethodTrial::of($this->session(), $this->under(Method::default()), $this->under(Method::default()->with($answer)), ShippedLibrary::get(), []);
    }

    private function under(Method $method): Circumstances
    {
        return new Circumstances([], Kit::cases(), $method);
    }

    private function session(): Session
    {
        return new Session([
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '3x(4x10s/5)')),
            new StraightSets(ShippedLibrary::item('press-out/standing', '2x7/side')),
        ]);
    }
}
