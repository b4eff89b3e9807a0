<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\Braced;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Ruling;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Warning;
use PHPUnit\Framework\TestCase;

/** Activation opens what stands on it: advised, or asked for, as the method says. */
final class ActivationBeforeTest extends TestCase
{
    private const SLIDE = 'leg-slide/flat-slide';

    private const PRONE = 'prone-extension/one-leg';

    public function test_until_it_is_done_the_rungs_are_open_with_a_note(): void
    {
        $ruling = $this->ruling(self::SLIDE);

        self::assertTrue($ruling->openOn(Side::Both));
        self::assertSame('activation/brace-all-round', $ruling->advisedBefore?->slug);
        self::assertSame('activation/deep-back-supine', $this->ruling(self::PRONE)->advisedBefore?->slug);
        self::assertNull($this->ruling('front-plank/forearms-toes')->advisedBefore);
        self::assertNull($this->ruling('prone-extension/reverse-bent')->advisedBefore, 'the reverse plank is done face up');
    }

    public function test_the_method_that_draws_in_asks_for_the_draw_in(): void
    {
        self::assertSame('activation/navel-draw-in', $this->ruling(self::SLIDE, [Answer::NavelIn])->advisedBefore?->slug);
    }

    public function test_where_the_method_closes_them_they_open_with_the_place_above_it(): void
    {
        $closed = $this->ruling(self::SLIDE, [Answer::ClosedUntilActivated]);
        self::assertFalse($closed->openSomewhere());
        self::assertSame(Rule::ActivationBefore, $closed->reasons[0]->rule);
        self::assertFalse($closed->mayBeAllowed(), 'a school is no limit of the body');

        self::assertFalse($this->ruling(self::SLIDE, [Answer::ClosedUntilActivated], 'activation/brace-all-round')->openSomewhere(), 'still on it');
        self::assertTrue($this->ruling(self::SLIDE, [Answer::ClosedUntilActivated], 'activation/deep-back-supine')->openSomewhere());
        self::assertFalse($this->ruling(self::PRONE, [Answer::ClosedUntilActivated], 'activation/deep-back-supine')->openSomewhere());
        self::assertTrue($this->ruling(self::PRONE, [Answer::ClosedUntilActivated], 'activation/deep-back')->openSomewhere());
    }

    public function test_a_brace_held_for_its_minute_is_done(): void
    {
        self::assertNull($this->ruling(self::SLIDE, braced: 60)->advisedBefore);
        self::assertNotNull($this->ruling(self::SLIDE, braced: 59)->advisedBefore);
        self::assertNotNull($this->ruling(self::PRONE, braced: 60)->advisedBefore, 'the brace says nothing of the deep back');
    }

    public function test_a_session_is_told_once_and_one_key_puts_the_activation_first(): void
    {
        $record = $this->record([], null, null);
        $session = new Session([new StraightSets(ShippedLibrary::item(self::SLIDE, '2x6/side', 'a')), new StraightSets(ShippedLibrary::item('leg-slide/held-slide', '2x6/side', 'b'))]);
        $warnings = array_values(array_filter($record->warnings()->aboutAll($session), static fn(Warning $warning): bool => $warning->reason->rule === Rule::ActivationBefore));

        self::assertCount(1, $warnings);
        $repaired = $warnings[0]->repair?->appliedTo($session);
        self::assertNotNull($repaired);
        self::assertSame('activation/brace-all-round', $repaired->of(Part::Primer)[0]->items()[0]->rung->slug);
        self::assertNotContains(Rule::ActivationBefore, array_map(static fn(Warning $warning): Rule => $warning->reason->rule, $record->warnings()->aboutAll($repaired)));
    }

    /** @param list<Answer> $answers */
    private function ruling(string $rung, array $answers = [], ?string $stands = null, ?int $braced = null): Ruling
    {
        return $this->record($answers, $stands, $braced)->circumstances()->rule(ShippedLibrary::rung($rung));
    }

    /** @param list<Answer> $answers */
    private function record(array $answers, ?string $stands, ?int $braced): PersonRecord
    {
        $method = array_reduce([Answer::ExtensionLiftsToo, ...$answers], static fn(Method $method, Answer $answer): Method => $method->with($answer), Method::default());
        $begin = Day::parse('2026-06-01');

        return new PersonRecord(
            ShippedLibrary::get(),
            $method,
            $begin,
            new Profile(aim: Aim::cases()[0], shares: null, birthYear: null, sex: null, trainingDays: [1], minutes: 30, kit: Kit::cases(), weights: null, other: []),
            new Safety([], [], [], $begin),
            History::of($stands === null ? [] : [new Placing('a', 'activation', Side::Both, $stands, false, 1, $begin)], [], [], [], [], null, $braced === null ? null : new Braced(BraceCheck::timed($braced), 2)),
        );
    }
}
