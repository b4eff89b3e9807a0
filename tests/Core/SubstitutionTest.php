<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Sketch;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Method\Method;
use EvenRungs\Screening\State;
use PHPUnit\Framework\TestCase;

/** Substitutes are ranked as they lie on the shelf and read one by one; that finds the same as reading all of them. */
final class SubstitutionTest extends TestCase
{
    public function test_the_first_open_of_the_ranked_is_the_best_of_all_that_are_open(): void
    {
        $library = ShippedLibrary::get();
        $closed = 0;
        foreach ([State::ShoulderPain, State::WristPain, State::KneelingPain, State::Osteoporosis, State::Pregnancy] as $state) {
            $circumstances = new Circumstances([$state->limit(Side::Both, 'a limit')], [Kit::Mat, Kit::Wall, Kit::Band], Method::default());
            $all = [];
            foreach ($library->ladders() as $ladder) {
                foreach ($ladder->rungs as $rung) {
                    $all[] = $rung;
                }
            }
            $open = array_values(array_filter($all, static fn(Rung $rung): bool => $circumstances->rule($rung)->openOn(Side::Both)));
            foreach ($all as $rung) {
                $best = Substitution::among($rung, $open, null, 1)[0] ?? null;
                self::assertSame($best?->instead->slug, Substitution::for($rung, $library, $circumstances)?->instead->slug, "{$state->value}: {$rung->slug}");
                $closed += $best === null ? 1 : 0;
            }
        }
        self::assertGreaterThan(0, $closed, 'where nothing is open, both find nothing');
    }

    public function test_a_sketch_says_what_the_rung_says(): void
    {
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                self::assertContainsEquals(Sketch::of($rung), ShippedLibrary::get()->sketches($rung->demand));
            }
        }
    }
}
