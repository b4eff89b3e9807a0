<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Progress\DoseStep;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Gate;
use EvenRungs\Progress\LeavingMark;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\SetLog;
use EvenRungs\Screening\State;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\Item;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * A limit on holds stands above the hold strategy: as much is gathered in holds that it allows, so that nobody is kept on a
 * rung for good by holds they may not do (our own choice).
 */
final class LimitOnHoldsTest extends TestCase
{
    #[TestWith([Answer::ShortRepeatedHolds, 'front-plank/forearms-toes', '3 sets of 4 × 10 s'])]
    #[TestWith([Answer::CappedHolds, 'front-plank/forearms-toes', '2 sets of 3 × 10 s'])]
    #[TestWith([Answer::LongHolds, 'front-plank/forearms-bench', '6 × 10 s in one of 3 sets, the others clean'])]
    #[TestWith([Answer::ShortRepeatedHolds, 'side-bridge/top-knee-bench', '3 sets of 3 × 10 s'])]
    public function test_the_mark_is_as_much_in_holds_that_the_limit_allows(Answer $strategy, string $slug, string $words): void
    {
        self::assertSame($words, LeavingMark::of(ShippedLibrary::rung($slug), self::method($strategy))->inWords());
    }

    public function test_from_the_first_dose_to_the_mark_no_hold_is_longer_and_each_step_is_more(): void
    {
        foreach ([Answer::ShortRepeatedHolds, Answer::CappedHolds, Answer::LongHolds] as $strategy) {
            $method = self::method($strategy);
            foreach (ShippedLibrary::get()->ladders() as $ladder) {
                foreach (array_filter($ladder->rungs, static fn($rung): bool => $rung->doseKind->isHold()) as $rung) {
                    $dose = FirstDose::half($rung, $method)->dose;
                    for ($steps = 0; ($step = DoseStep::up($rung, $dose, $method)) !== null; $steps++) {
                        self::assertLessThan(20, $steps, $rung->slug);
                        self::assertLessThanOrEqual(10, (new Item('a', $rung, $step->dose))->longestHoldSeconds(), "{$strategy->value} {$rung->slug} ".DoseLine::print($step->dose));
                        $dose = $step->dose;
                    }
                    self::assertTrue(LeavingMark::of($rung, $method, $dose)->isAskedBy($rung, $dose), "{$strategy->value} {$rung->slug} ".DoseLine::print($dose));
                }
            }
        }
    }

    public function test_a_hold_is_cut_up_into_as_much_work_and_no_more(): void
    {
        $limits = [State::RaisedPressure->limit(Side::Both, '', true)];
        $cut = static fn(string $line): string => DoseLine::print(CapCheck::underLimits(ShippedLibrary::item('side-bridge/knees-bent', $line), $limits)[0]);

        self::assertSame(['2x(2x8s/5)/side', '2x(3x10s/5)/side', '2x10s/side'], [$cut('2x15s/side'), $cut('2x30s/side'), $cut('2x10s/side')]);
    }

    public function test_the_gate_opens_at_that_mark_and_names_the_limit(): void
    {
        $method = self::method(Answer::ShortRepeatedHolds);
        $rung = ShippedLibrary::rung('side-bridge/top-knee-bench');
        $dose = DoseLine::parse('3x(3x10s/5)/side', $rung->sidedness);
        $gate = static fn(Method $method): Gate => Gate::of($rung, [self::clean($rung->slug, $dose, '2026-06-01'), self::clean($rung->slug, $dose, '2026-06-08')], $method, Day::parse('2026-06-09'));

        self::assertTrue($gate($method)->isOpen());
        self::assertFalse($gate(Method::default())->isOpen(), 'without the limit thirty seconds are one hold');
        self::assertStringContainsString('no hold over 10 s', json_encode($gate($method)->conditions[0]->reason->inputs, JSON_THROW_ON_ERROR));
    }

    private static function method(Answer $strategy): Method
    {
        return Method::default()->with($strategy)->under([State::RaisedPressure->limit(Side::Both, '', true)]);
    }

    private static function clean(string $slug, Dose $dose, string $on): RungSession
    {
        $form = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $sets = array_fill(0, $dose->sets(), new SetLog([$dose->first()->target(), $dose->first()->target()], $form, 0, 6));

        return new RungSession(Day::parse($on), ShippedLibrary::rung($slug), $dose, $sets, 1);
    }
}
