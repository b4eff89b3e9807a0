<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Sketch;
use EvenRungs\Ladder\StandIns;
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
                $fitting = array_filter($open, static fn(Rung $one): bool => $one->demand === $rung->demand && $one->slug !== $rung->slug && $one->height->tenths <= $rung->height->tenths);
                // Nearest in height, of the same kind, with the least kit, of the same ladder.
                $how = static fn(Rung $one): array => [$rung->height->tenths - $one->height->tenths, $one->dynamic !== $rung->dynamic, count($one->kit), $one->ladder !== $rung->ladder, $one->slug];
                usort($fitting, static fn(Rung $a, Rung $b): int => $how($a) <=> $how($b));
                $best = array_map(static fn(Rung $one): string => $one->slug, array_slice($fitting, 0, 3));
                self::assertSame($best, array_map(static fn(Substitution $one): string => $one->instead->slug, Substitution::nearest($rung, $library, $circumstances, new StandIns, 3)), "{$state->value}: {$rung->slug}");
                $closed += $best === [] ? 1 : 0;
            }
        }
        self::assertGreaterThan(0, $closed, 'where nothing is open, both find nothing');
    }

    public function test_nothing_above_where_they_stand_on_its_own_ladder_stands_in(): void
    {
        $chop = ShippedLibrary::rung('standing-turn/half-kneeling-chop');
        $withoutBands = new Circumstances([], [Kit::Mat], Method::default());
        $instead = static fn(StandIns $standIns): ?string => Substitution::for($chop, ShippedLibrary::get(), $withoutBands, $standIns)?->instead->slug;
        self::assertSame('floor-anti-rotation/hover-taps', $instead(new StandIns), 'the nearest of all');

        // Found on the hover hold of that ladder, they are not led a whole height above it, whatever they stood on elsewhere.
        $onTheHover = static fn(string $ladder): ?Rung => $ladder === 'floor-anti-rotation' ? ShippedLibrary::rung('floor-anti-rotation/hover-hold') : null;
        self::assertSame('floor-anti-rotation/hover-hold', $instead(new StandIns(null, $onTheHover)));
        self::assertNotSame('floor-anti-rotation', explode('/', (string) $instead(new StandIns(null, $onTheHover, static fn(string $ladder): bool => $ladder === 'floor-anti-rotation')))[0], 'nor to a ladder that was stopped after pain');
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
