<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Log\EndReason;
use EvenRungs\Method\Method;
use EvenRungs\Person\Attention;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningAnswer;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\Step;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\StartPain;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\Urgency;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a person needs of the trainer, and how long that holds though nobody does anything. */
final class AttentionTest extends TestCase
{
    private const FIRST = '2026-06-01';

    /** @return iterable<string, array{\Closure(Day): PersonRecord, list<int>}> days from the first on which the line says something else */
    public static function people(): iterable
    {
        // Tested on the first day: a re-test is due after 28 days, overdue from the 43rd; asked for danger signs: due after 84.
        yield 'tested, asked, placed, never coached' => [static fn(Day $today): PersonRecord => self::record($today), [28, 43, 49, 56, 63, 70, 77, 84, 91, 98, 105, 112, 119]];
        yield 'never asked for danger signs' => [static fn(Day $today): PersonRecord => self::record($today, asked: false), []];
        yield 'a session yesterday whose next morning nobody asked for' => [static fn(Day $today): PersonRecord => self::record($today, log: true), [1, 28, 43, 49, 56, 63, 70, 77, 84, 91, 98, 105, 112, 119]];
        yield 'pain of 4 on a ladder nobody has placed them on' => [static fn(Day $today): PersonRecord => self::record($today, hurt: true), [28, 29, 43, 49, 56, 63, 70, 77, 84, 91, 98, 105, 112, 119]];
        yield 'cleared from the tenth to the twentieth day after a sign' => [static fn(Day $today): PersonRecord => self::record($today, sign: true), [10, 20, 28]];
    }

    /**
     * @param \Closure(Day): PersonRecord $of
     * @param list<int>                   $days
     */
    #[DataProvider('people')]
    public function test_a_line_holds_to_its_day_and_no_longer_than_it_may(\Closure $of, array $days): void
    {
        $said = static fn(Attention $attention): array => array_diff_key(get_object_vars($attention), ['until' => true]);
        $first = Day::parse(self::FIRST);
        $line = null;
        $changed = [];
        for ($n = 0; $n < 120; $n++) {
            $today = $first->plusDays($n);
            $now = Attention::of($of($today), true);
            if ($line !== null && $said($now) != $said($line)) {
                $changed[] = $n;
                self::assertTrue($line->until?->isBefore($today), "the line before day {$n} did not say that it ends");
            }
            if ($line === null || $line->until?->isBefore($today) === true) {
                $line = $now;
            }
        }

        self::assertSame($days, $changed);
    }

    public function test_which_session_is_at_hand_is_put_in_where_the_line_is_shown(): void
    {
        $line = Attention::of(self::record(Day::parse(self::FIRST)), true);

        self::assertSame(Step::Coach, $line->step);
        self::assertStringStartsWith('Ready to coach: Lock-house floor. Open demand: ', Attention::said($line->step, $line->sentence, 'Lock-house floor'));
        self::assertSame('One decision waits.', Attention::said(Step::Review, 'One decision waits.', 'Lock-house floor'));
    }

    public function test_a_working_rung_that_is_ruled_out_by_now_is_said(): void
    {
        self::assertSame(' Ruled out by now: “Front plank, forearms on a low step”.', Attention::of(self::record(Day::parse(self::FIRST), stands: 'front-plank/forearms-low-step'), true)->sentence);
    }

    public function test_a_training_that_ended_since_it_hurt_is_pain_that_was_told_also_without_a_number_and_so_is_much_before_the_first_set(): void
    {
        $line = static fn(bool $hurt, ?EndReason $why, int $before = 0): string => Attention::of(self::record(Day::parse(self::FIRST), log: true, hurt: $hurt, why: $why, before: $before), true)->sentence;

        self::assertSame('Pain was told. One decision waits.', $line(false, EndReason::Pain));
        self::assertSame('One decision waits.', $line(false, EndReason::Tired));
        self::assertSame('Pain was told. One decision waits.', $line(true, null));
        self::assertSame('Pain was told. One decision waits.', $line(false, EndReason::Tired, 6));
        self::assertSame('One decision waits.', $line(false, EndReason::Tired, 5));
    }

    public function test_a_note_of_a_reader_comes_after_pain_and_before_what_can_wait_and_is_told_where_training_is_closed(): void
    {
        $line = static fn(bool $log = false, bool $hurt = false, bool $sign = false): array => array_slice(array_values(get_object_vars(Attention::of(self::record(Day::parse(self::FIRST), log: $log, hurt: $hurt, sign: $sign, readers: ['Hale Brunmoor']), true))), 1, 4);

        self::assertSame(['watch', 'Hale Brunmoor wrote a note.', 'Read it', Step::Person], $line());
        self::assertSame('Hale Brunmoor wrote a note.', $line(log: true)[1], 'a decision that waits may turn out otherwise once it is read');
        self::assertSame('Pain was told. One decision waits. Hale Brunmoor wrote a note.', $line(hurt: true)[1]);
        self::assertSame(['stop', 'To be cleared by a clinician before training. Nothing is planned until then. Hale Brunmoor wrote a note.', 'Record the clearance', Step::Person], $line(sign: true));
    }

    /** @param list<string> $readers whose note waits */
    private static function record(Day $today, bool $asked = true, bool $log = false, bool $sign = false, bool $hurt = false, ?EndReason $why = null, int $before = 0, string $stands = 'front-plank/forearms-knees', array $readers = []): PersonRecord
    {
        $first = Day::parse(self::FIRST);
        $set = static fn(string $rung, string $dose, int $pain): LoggedSet => new LoggedSet($rung, $rung, $dose, 20, null, null, [], $pain, 5, false, null);
        $session = static fn(LoggedSet $set): LoggedSession => new LoggedSession($set->rung, 'session', $first, $why === null && ! $hurt ? -5 : 5, 600, [$set], [new MorningAnswer('press-out', new Morning(0, false), 1)], $before === 0 ? [] : [new StartPain(PainPlace::Wrist, null, $before)], $why);
        $logs = match (true) {
            $hurt => [$session($set('press-out/standing', '1x20/side', 4))],
            $log => [$session($set('front-plank/forearms-knees', '1x20s', 0))],
            default => [],
        };

        return new PersonRecord(
            ShippedLibrary::get(),
            Method::default(),
            $today,
            new Profile(Aim::Even, null, null, null, [1, 3], 25, [], null, []),
            new Safety([], $sign ? [new Sign(Urgency::BeforeTraining, 5)] : [], $sign ? [new Clearance($first->plusDays(10), $first->plusDays(19), 6)] : [], $asked ? $first : null, []),
            History::of([new Placing('placed', 'front-plank', Side::Both, $stands, false, 0, $first)], [], $logs, [Hold::of(HoldKind::FrontPlankKnees, Side::Both, 40, HoldEnd::FormLost, $first, 1)], [], $first, readers: $readers),
        );
    }
}
