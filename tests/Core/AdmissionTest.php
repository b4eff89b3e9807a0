<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Screening\Admission;
use EvenRungs\Screening\Answers;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\InvalidAnswers;
use EvenRungs\Screening\Sign;
use EvenRungs\Screening\Urgency;
use PHPUnit\Framework\TestCase;

final class AdmissionTest extends TestCase
{
    public function test_without_a_danger_sign_everything_is_open(): void
    {
        self::assertTrue(Admission::on($this->day('2026-06-01'), [], [])->open);
    }

    public function test_a_danger_sign_closes_until_a_clearance_is_recorded_after_it(): void
    {
        $sign = new Sign(Urgency::SameDay, 1);

        self::assertFalse(Admission::on($this->day('2026-06-01'), [$sign], [])->open);
        self::assertTrue(Admission::on($this->day('2026-06-01'), [$sign], [$this->clearance('2026-06-01', '2026-09-01', 2)])->open);
    }

    public function test_a_clearance_ends_with_its_last_day(): void
    {
        $sign = new Sign(Urgency::SameDay, 1);
        $clearance = $this->clearance('2026-06-01', '2026-06-30', 2);

        self::assertTrue(Admission::on($this->day('2026-06-30'), [$sign], [$clearance])->open);
        $after = Admission::on($this->day('2026-07-01'), [$sign], [$clearance]);
        self::assertFalse($after->open);
        self::assertStringContainsString('has run out', (string) $after->reason?->sentence);
    }

    public function test_a_new_sign_voids_an_earlier_clearance(): void
    {
        $signs = [new Sign(Urgency::SameDay, 1), new Sign(Urgency::Emergency, 3)];
        $standing = Admission::on($this->day('2026-06-10'), $signs, [$this->clearance('2026-06-01', '2026-09-01', 2)]);

        self::assertFalse($standing->open);
        self::assertSame(Urgency::Emergency, $standing->urgency);
    }

    public function test_a_clearance_that_starts_later_does_not_open_yet(): void
    {
        self::assertFalse(Admission::on($this->day('2026-06-01'), [new Sign(Urgency::SameDay, 1)], [$this->clearance('2026-06-02', '2026-09-01', 2)])->open);
    }

    public function test_the_most_urgent_of_the_signs_noted_together_decides(): void
    {
        $signs = [new Sign(Urgency::BeforeTraining, 1), new Sign(Urgency::Emergency, 1), new Sign(Urgency::SameDay, 1)];

        self::assertSame(Urgency::Emergency, Admission::on($this->day('2026-06-01'), $signs, [])->urgency);
    }

    public function test_each_danger_sign_asks_one_question_and_has_an_urgency(): void
    {
        foreach (DangerSign::cases() as $sign) {
            self::assertStringEndsWith('?', $sign->question());
        }
        self::assertCount(7, array_filter(DangerSign::cases(), static fn(DangerSign $sign): bool => $sign->urgency() === Urgency::Emergency));
    }

    public function test_what_closes_is_what_was_noted_since_the_last_clearance_and_nothing_it_had_cleared(): void
    {
        $today = $this->day('2026-07-01');
        $cleared = new Sign(Urgency::SameDay, 1);
        $referred = new Sign(Urgency::BeforeTraining, 3);
        $clearance = $this->clearance('2026-06-01', '2026-06-30', 2);

        self::assertSame([3], Admission::on($today, [$cleared, $referred], [$clearance])->closedBy);
        self::assertSame([1], Admission::on($today, [$cleared], [$clearance])->closedBy, 'it has run out');
        self::assertSame([], Admission::on($this->day('2026-06-30'), [$cleared], [$clearance])->closedBy);
    }

    public function test_training_opens_only_when_each_sign_was_asked_for(): void
    {
        $all = DangerSign::cases();
        self::assertNull((new Answers([], $all))->urgency());

        $this->expectExceptionMessage('2 questions are not answered yet');
        new Answers([], array_slice($all, 2));
    }

    public function test_a_yes_closes_at_once_whatever_else_was_asked(): void
    {
        self::assertSame(Urgency::Emergency, (new Answers([DangerSign::LegPain, DangerSign::SaddleNumbness], []))->urgency());

        $this->expectException(InvalidAnswers::class);
        new Answers([DangerSign::LegPain], [DangerSign::LegPain]);
    }

    public function test_a_mistaken_yes_is_taken_back_by_its_author_on_the_same_day_only(): void
    {
        self::assertTrue(Answers::mayBeTakenBack(true, $this->day('2026-06-01'), $this->day('2026-06-01')));
        self::assertFalse(Answers::mayBeTakenBack(false, $this->day('2026-06-01'), $this->day('2026-06-01')));
        self::assertFalse(Answers::mayBeTakenBack(true, $this->day('2026-06-01'), $this->day('2026-06-02')));
    }

    private function day(string $iso): Day
    {
        return Day::parse($iso);
    }

    private function clearance(string $from, string $until, int $sequence): Clearance
    {
        return new Clearance($this->day($from), $this->day($until), $sequence);
    }
}
