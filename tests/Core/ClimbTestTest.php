<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\ClimbTest;
use EvenRungs\Assessment\ClimbTrial;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Screening\State;
use PHPUnit\Framework\TestCase;

/** Up the ladder until form fails: the last clean rung is the start. */
final class ClimbTestTest extends TestCase
{
    public function test_it_begins_at_the_bottom_or_two_rungs_below_the_guess(): void
    {
        self::assertSame('front-plank/forearms-wall', $this->climb([])->next?->slug);
        self::assertSame('front-plank/forearms-knees', $this->climb([], guess: 'front-plank/forearms-toes')->next?->slug);
        self::assertSame('front-plank/forearms-wall', $this->climb([], guess: 'front-plank/forearms-bench')->next?->slug, 'never below the bottom');
    }

    public function test_a_clean_trial_goes_up_one_rung(): void
    {
        self::assertSame('front-plank/forearms-bench', $this->climb([['forearms-wall']])->next?->slug);
    }

    public function test_the_last_clean_rung_is_the_working_rung_and_the_first_no_names_the_gate(): void
    {
        $test = $this->climb([['forearms-knees'], ['forearms-low-step'], ['forearms-toes', [FormQuestion::Ribs, FormQuestion::InControl]]]);

        self::assertNull($test->next);
        self::assertSame('front-plank/forearms-low-step', $test->working?->slug);
        self::assertSame(FormQuestion::Ribs, $test->gateQuestion());
        self::assertStringContainsString('The gate: ribs stay down.', $test->reason->sentence ?? '');
    }

    public function test_when_the_first_trial_fails_it_goes_down_until_one_is_clean(): void
    {
        $down = $this->climb([['forearms-toes', [FormQuestion::Ribs]]]);
        self::assertSame('front-plank/forearms-low-step', $down->next?->slug);

        $over = $this->climb([['forearms-toes', [FormQuestion::Ribs]], ['forearms-low-step', [FormQuestion::Ribs]], ['forearms-knees']]);
        self::assertNull($over->next);
        self::assertSame('front-plank/forearms-knees', $over->working?->slug);
    }

    public function test_when_not_even_the_lowest_is_clean_nothing_is_placed(): void
    {
        $test = $this->climb([['forearms-wall', [FormQuestion::Breathing]]]);

        self::assertNull($test->next);
        self::assertNull($test->working);
        self::assertStringContainsString('Begin with activation', $test->reason->sentence ?? '');
    }

    public function test_any_pain_is_not_clean_and_pain_above_five_ends_the_test_without_a_placing(): void
    {
        self::assertSame('front-plank/forearms-wall', $this->climb([['forearms-wall'], ['forearms-bench', [], 1]])->working?->slug);

        $high = $this->climb([['forearms-wall'], ['forearms-bench', [], 6]]);
        self::assertNull($high->next);
        self::assertNull($high->working);
        self::assertStringContainsString('No more on this ladder today', $high->reason->sentence ?? '');
    }

    public function test_it_goes_over_ruled_out_rungs_and_ends_at_the_highest_open_one(): void
    {
        $knee = $this->with([State::KneelingPain->limit(Side::Both)]);
        self::assertSame('front-plank/forearms-low-step', $this->climb([['forearms-bench']], circumstances: $knee)->next?->slug, 'past the rung on the knees');

        $shoulder = $this->with([State::ShoulderPain->limit(Side::Left)]);
        self::assertNull($this->climb([], circumstances: $shoulder)->next, 'every plank loads the shoulder');
        $ladder = ShippedLibrary::get()->ladder('side-bridge');
        self::assertNull(ClimbTest::of($ladder, $shoulder, Side::Left, null, [])->next);
        self::assertSame('side-bridge/wall-lean', ClimbTest::of($ladder, $shoulder, Side::Right, null, [])->next?->slug, 'the right side is free');
    }

    public function test_a_clean_top_ends_the_test_there(): void
    {
        $top = ShippedLibrary::rung('head-lift/long-holds');
        $test = ClimbTest::of(ShippedLibrary::get()->ladder('head-lift'), $this->with([]), Side::Both, $top, [new ClimbTrial($top, [], 0)]);

        self::assertSame('head-lift/long-holds', $test->working?->slug);
        self::assertStringContainsString('the highest rung open', $test->reason->sentence ?? '');
    }

    public function test_a_trial_is_small(): void
    {
        $dose = static fn(string $rung): string => DoseLine::print(ClimbTest::trial(ShippedLibrary::rung($rung)));

        self::assertSame('1x10s', $dose('front-plank/forearms-toes'));
        self::assertSame('1x10s/side', $dose('side-bridge/knees-bent'));
        self::assertSame('1x5/side', $dose('press-out/standing'));
        self::assertStringStartsWith('1x10m', $dose('carry/two-hand-carry'));
    }

    public function test_a_trial_of_one_side_is_said_as_that_and_does_not_ask_whether_both_are_alike(): void
    {
        $rung = ShippedLibrary::rung('side-bridge/knees-bent');

        self::assertSame(['10 s on the left', '10 s each side'], [ClimbTest::trialInWords($rung, Side::Left), ClimbTest::trialInWords($rung, Side::Both)]);
        self::assertSame('5 times', ClimbTest::trialInWords(ShippedLibrary::rung('bridge/touch'), Side::Both));
        self::assertNotContains(FormQuestion::SidesAlike, ClimbTest::questions($rung, Side::Left, false));
        self::assertContains(FormQuestion::SidesAlike, ClimbTest::questions($rung, Side::Both, false));
        self::assertContains(FormQuestion::BellyFlat, ClimbTest::questions($rung, Side::Left, true));
    }

    /** Every ladder can be climbed to its end by someone without limits, in no more trials than it has rungs. */
    public function test_every_shipped_ladder_can_be_climbed_from_bottom_to_top(): void
    {
        $circumstances = $this->with([]);
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            $trunk = array_values(array_filter($ladder->trunk($circumstances->method), static fn(Rung $rung): bool => $circumstances->rule($rung)->openOn(Side::Both)));
            $trials = [];
            while (($next = ClimbTest::of($ladder, $circumstances, Side::Both, null, $trials)->next) !== null) {
                $trials[] = new ClimbTrial($next, [], 0);
                self::assertLessThanOrEqual(count($trunk), count($trials), $ladder->slug);
            }
            self::assertCount(count($trunk), $trials, $ladder->slug);
        }
    }

    /** @param list<array{0: string, 1?: list<FormQuestion>, 2?: int}> $trials rung of the front-plank ladder, faults, pain */
    private function climb(array $trials, ?string $guess = null, ?Circumstances $circumstances = null): ClimbTest
    {
        return ClimbTest::of(
            ShippedLibrary::get()->ladder('front-plank'),
            $circumstances ?? $this->with([]),
            Side::Both,
            $guess === null ? null : ShippedLibrary::rung($guess),
            array_map(static fn(array $trial): ClimbTrial => new ClimbTrial(ShippedLibrary::rung("front-plank/{$trial[0]}"), $trial[1] ?? [], $trial[2] ?? 0), $trials),
        );
    }

    /** @param list<\EvenRungs\Body\Limit> $limits */
    private function with(array $limits): Circumstances
    {
        return new Circumstances($limits, Kit::cases(), Method::default());
    }
}
