<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Method\Method;
use EvenRungs\Person\Consequences;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\FormQuestion;
use PHPUnit\Framework\TestCase;

/** What a decision leads to, before it is taken (our own choice: the doses are those of rules §6). */
final class ConsequencesTest extends TestCase
{
    private const KNEES = 'side-bridge/knees-bent';

    public function test_after_a_fault_stay_goes_back_to_what_was_clean_and_stepping_down_begins_the_rung_below(): void
    {
        $consequences = self::of([1 => '2x15s/side', 3 => '2x20s/side'], fault: 3);
        $dose = static fn(Decision $choice): string => DoseLine::print($consequences->dose($choice)->dose ?? throw new \LogicException);

        self::assertSame('2x15s/side', $dose(Decision::Stay));
        self::assertSame('side-bridge/hip-lift', $consequences->destination(Decision::StepDown)?->rung->slug);
        self::assertSame('2x30/side', $dose(Decision::StepDown));
        self::assertNull($consequences->destination(Decision::Stay));
        self::assertNull($consequences->dose(Decision::StopLadder));
        self::assertNull($consequences->dose(Decision::Refer));
    }

    public function test_what_it_leads_to_is_what_the_record_says_once_it_is_decided(): void
    {
        foreach ([[1 => '2x15s/side', 3 => '2x20s/side'], [1 => '2x30s/side', 3 => '2x30s/side']] as $done) {
            $consequences = self::of($done);
            foreach ([Decision::Climb, Decision::Stay, Decision::StepDown] as $choice) {
                $to = $consequences->destination($choice)->rung->slug ?? self::KNEES;
                $then = self::record($done, moved: $choice === Decision::Stay ? null : $to);

                self::assertSame(DoseLine::print($then->doses()->next()[$to]->dose), DoseLine::print($consequences->dose($choice)->dose ?? throw new \LogicException), $choice->value);
            }
        }
    }

    public function test_there_is_no_climb_where_no_higher_rung_is_open(): void
    {
        $this->expectException(InvalidLadder::class);

        self::of([1 => '2x5s/side'], stands: 'side-bridge/long-lever')->destination(Decision::Climb);
    }

    /** @param array<int, string> $done doses of June, by day */
    private static function of(array $done, ?int $fault = null, string $stands = self::KNEES): Consequences
    {
        $record = self::record($done, $fault, $stands);

        return new Consequences($record, $record->judgement()->pending()[0]);
    }

    /** @param array<int, string> $done doses of June, by day */
    private static function record(array $done, ?int $fault = null, string $stands = self::KNEES, ?string $moved = null): PersonRecord
    {
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $logs = [];
        foreach ($done as $day => $line) {
            $dose = DoseLine::parse($line, ShippedLibrary::rung($stands)->sidedness);
            $target = $dose->first()->target();
            $logs[] = new LoggedSession("log {$day}", 'session', Day::parse("2026-06-0{$day}"), $day, null, array_map(static fn(int $number): LoggedSet => new LoggedSet('item', $stands, $line, null, $target, $target, [...$ticks, FormQuestion::InControl->value => $day !== $fault], 0, 6, false, null, null, $number), range(1, $dose->sets())), []);
        }
        $placing = static fn(string $rung, int $sequence): Placing => new Placing("p{$sequence}", 'side-bridge', Side::Both, $rung, false, $sequence, Day::parse('2026-06-01'), decided: $sequence > 0);

        return new PersonRecord(ShippedLibrary::get(), Method::default(), Day::parse('2026-06-04'), new Profile(Aim::Even, null, null, null, [1, 3, 5], 25, Kit::cases(), null, []), new Safety([], [], [], Day::parse('2026-06-01'), []), History::of([$placing($stands, 0), ...($moved === null ? [] : [$placing($moved, 9)])], [], $logs, [], [], null));
    }
}
