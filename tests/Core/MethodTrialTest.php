<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Technique;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\MethodTrial;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\Attributes\TestWith;
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

    #[TestWith([Answer::PressedFlat, 'dead-bug/ninety-hold', 'Press the low back flat', 'front-plank/forearms-toes'])]
    #[TestWith([Answer::Tucked, 'front-plank/forearms-toes', 'Tuck the pelvis', 'side-bridge/knees-bent'])]
    #[TestWith([Answer::HipsSlightlyHigh, 'front-plank/hands-toes', 'a little above the line', 'side-bridge/knees-bent'])]
    #[TestWith([Answer::BladesPushedAway, 'front-plank/hands-toes', 'Push the floor away', 'bridge/touch'])]
    #[TestWith([Answer::BladesDownAndBack, 'all-fours/leg-lift', 'down and back', 'bridge/touch'])]
    #[TestWith([Answer::SqueezeFully, 'front-plank/forearms-toes', 'as tight as you can', 'activation/brace-all-round'])]
    #[TestWith([Answer::InOnTheReach, 'dead-bug/opposite-full', 'Breathe in on the reach', 'front-plank/forearms-toes'])]
    #[TestWith([Answer::SmallSips, 'front-plank/forearms-toes', 'Sip small breaths', 'press-out/standing'])]
    #[TestWith([Answer::ForearmsJoined, 'front-plank/forearms-toes', 'Hands joined', 'front-plank/hands-toes'])]
    #[TestWith([Answer::TrunkTurns, 'standing-turn/standing-lift', 'Let the trunk turn', 'press-out/standing'])]
    #[TestWith([Answer::NearTheLimit, 'press-out/standing', 'Short and near the limit', 'activation/brace-all-round'])]
    public function test_a_school_of_technique_adds_its_cue_where_it_belongs_and_only_there(Answer $answer, string $rung, string $says, string $elsewhere): void
    {
        $cues = static fn(Method $method, string $slug): string => implode(' ', Technique::cues(ShippedLibrary::rung($slug), new Circumstances([], Kit::cases(), $method)));

        self::assertStringContainsString($says, $cues(Method::default()->with($answer), $rung));
        self::assertSame('', $cues(Method::default(), $rung), 'the rungs are written for the defaults');
        self::assertStringNotContainsString($says, $cues(Method::default()->with($answer), $elsewhere));
    }

    public function test_where_a_limit_speaks_against_a_choice_the_limit_wins_and_says_so(): void
    {
        $circumstances = new Circumstances([State::RaisedPressure->limit(Side::Both)], Kit::cases(), Method::default()->with(Answer::SqueezeFully)->with(Answer::NearTheLimit));
        $cues = implode(' ', Technique::cues(ShippedLibrary::rung('front-plank/forearms-toes'), $circumstances));

        self::assertStringContainsString('Squeeze about a third only', $cues);
        self::assertStringContainsString('comes before the method', $cues);
        self::assertStringNotContainsString('as tight as you can', $cues);
        self::assertStringNotContainsString('near the limit', $cues);
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
