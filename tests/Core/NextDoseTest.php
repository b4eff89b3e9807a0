<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\NextDose;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\SetLog;
use EvenRungs\Reason\Rule;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The dose rises before the rung changes, one step after a clean session. */
final class NextDoseTest extends TestCase
{
    #[TestWith(['front-plank/forearms-toes', '3x(4x10s/5)', '3x(5x10s/5)', 'one more short hold'])]
    #[TestWith(['side-bridge/knees-bent', '2x15s/side', '2x20s/side', '5 s longer'])]
    #[TestWith(['press-out/standing', '2x8/side', '2x10/side', 'two more repetitions'])]
    #[TestWith(['carry/one-side-light', '3x20m/side', '3x30m/side', '10 m more'])]
    #[TestWith(['carry/one-side-light', '3x40m/side', '4x40m/side', 'one more set'])]
    #[TestWith(['front-plank/forearms-toes', '1x(120s by 45s/30)', '1x(120s by 55s/30)', 'longer bouts'])]
    public function test_after_a_clean_session_the_dose_takes_one_step(string $rung, string $dose, string $next, string $says): void
    {
        $after = $this->after($rung, $dose);

        self::assertNotNull($after);
        self::assertTrue($after->rises);
        self::assertSame($next, DoseLine::print($after->dose));
        self::assertStringContainsString($says, $after->reason->sentence);
    }

    #[TestWith([Answer::CappedHolds, '2x20s', '2x25s'])]
    #[TestWith([Answer::CappedHolds, '2x28s', '2x30s'])]
    #[TestWith([Answer::CappedHolds, '2x30s', '2x30s'])]
    #[TestWith([Answer::LongHolds, '2x50s', '2x60s'])]
    #[TestWith([Answer::LongHolds, '2x115s', '2x120s'])]
    public function test_holds_grow_by_the_strategy_of_the_method_up_to_its_cap(Answer $strategy, string $dose, string $next): void
    {
        $after = $this->after('front-plank/forearms-toes', $dose, method: Method::default()->with($strategy));

        self::assertSame($next, DoseLine::print($after->dose ?? DoseLine::parse('1x1s', \EvenRungs\Body\Sidedness::Both)));
    }

    public function test_at_the_top_of_the_band_a_set_is_added_from_its_low_end(): void
    {
        $band = ShippedLibrary::rung('press-out/standing')->band;
        self::assertNotNull($band);

        self::assertSame("3x{$band->low}/side", DoseLine::print($this->after('press-out/standing', "2x{$band->high}/side")->dose ?? throw new \LogicException));
    }

    public function test_six_short_holds_are_the_top_and_the_next_step_is_the_next_rung(): void
    {
        $after = $this->after('front-plank/forearms-toes', '3x(6x10s/5)');

        self::assertNotNull($after);
        self::assertFalse($after->rises);
        self::assertStringContainsString('the next step is the next rung', $after->reason->sentence);
    }

    public function test_a_fault_pain_effort_a_missed_target_or_a_climb_keeps_the_dose(): void
    {
        foreach ([
            'not every tick' => $this->after('press-out/standing', '2x8/side', fault: true),
            'pain was 3' => $this->after('press-out/standing', '2x8/side', pain: 3),
            'effort was 8' => $this->after('press-out/standing', '2x8/side', effort: 8),
            'target was not reached' => $this->after('press-out/standing', '2x8/side', done: 7),
            'a climb is proposed' => $this->after('press-out/standing', '2x8/side', climbs: true),
        ] as $why => $after) {
            self::assertFalse($after?->rises);
            self::assertSame('2x8/side', DoseLine::print($after->dose));
            self::assertStringContainsString($why, $after->reason->sentence);
        }
    }

    public function test_where_a_limit_asks_for_less_effort_the_dose_waits_for_it(): void
    {
        self::assertTrue($this->after('press-out/standing', '2x8/side', effort: 7)?->rises);
        self::assertFalse($this->after('press-out/standing', '2x8/side', effort: 7, highest: 6)?->rises);
        self::assertTrue($this->after('press-out/standing', '2x8/side', effort: 6, highest: 6)?->rises);
    }

    public function test_a_rung_that_was_never_logged_has_no_next_dose(): void
    {
        self::assertNull(NextDose::after(ShippedLibrary::rung('press-out/standing'), [], Method::default()));
    }

    public function test_17_two_over_the_target_at_two_sessions_running_asks_for_2_to_10_per_cent_more(): void
    {
        // Two-for-two rule: NSCA, Essentials of Strength Training and Conditioning; step: ACSM 2009. Values from memory.
        $after = $this->after('squat/box', '2x12 @12kg', done: 14, times: 2);

        self::assertSame(Rule::NextLoad, $after?->reason->rule);
        self::assertStringContainsString('12.24 to 13.2 kg would be right', $after->reason->sentence);
        self::assertSame(12_500, $after->dose->loadGrams);
    }

    public function test_17_where_only_14_kg_is_owned_the_load_stays_and_repetitions_rise(): void
    {
        $after = $this->after('squat/box', '2x12 @12kg', done: 14, times: 2, owned: [8_000, 12_000, 14_000]);

        self::assertSame('2x14 @12kg', DoseLine::print($after->dose ?? throw new \LogicException));
        self::assertStringContainsString('the next weight at hand, 14 kg, is 16.7 % up', $after->reason->sentence);
    }

    public function test_a_weight_of_13_kg_is_taken_where_it_is_owned(): void
    {
        self::assertSame(13_000, $this->after('squat/box', '2x12 @12kg', done: 14, times: 2, owned: [12_000, 13_000, 14_000])?->dose->loadGrams);
    }

    public function test_one_such_session_keeps_the_load(): void
    {
        self::assertSame(12_000, $this->after('squat/box', '2x12 @12kg', done: 14)?->dose->loadGrams);
    }

    /** @param list<int>|null $owned */
    private function after(string $slug, string $line, bool $fault = false, int $pain = 0, int $effort = 6, ?int $done = null, bool $climbs = false, int $times = 1, ?array $owned = null, ?Method $method = null, int $highest = 7): ?NextDose
    {
        $rung = ShippedLibrary::rung($slug);
        $dose = DoseLine::parse($line, $rung->sidedness);
        $form = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $log = [];
        for ($time = 1; $time <= $times; $time++) {
            $sets = [];
            for ($set = 1; $set <= $dose->sets(); $set++) {
                $target = $done ?? $dose->body($set)->target();
                $sets[] = new SetLog($dose->perSide ? [$target, $target] : [$target], $fault ? [...$form, array_key_first($form) => false] : $form, $pain, $effort);
            }
            $log[] = new RungSession(Day::parse("2026-06-0{$time}"), $rung, $dose, $sets, $time);
        }

        return NextDose::after($rung, array_reverse($log), $method ?? Method::default(), $climbs, $owned, $highest);
    }
}
