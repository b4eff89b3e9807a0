<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Need;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Lever;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Lint;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Said;
use EvenRungs\Ladder\Topic;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Ladder\WorksFrom;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Screening\State;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What has to hold for every shipped rung, whoever edits the files. */
final class LibraryLintTest extends TestCase
{
    public function test_the_library_is_whole(): void
    {
        $ladders = ShippedLibrary::get()->ladders();

        self::assertCount(19, $ladders);
        self::assertGreaterThanOrEqual(240, array_sum(array_map(static fn($ladder): int => count($ladder->rungs), $ladders)));
        self::assertSame(['side-bridge/top-leg-lifted'], ShippedLibrary::get()->ladder('hip-side')->signposts);
    }

    public function test_every_shipped_ladder_is_sound(): void
    {
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            self::assertSame([], Lint::of($ladder, ShippedLibrary::get()), $ladder->slug);
        }
    }

    public function test_the_breath_goes_with_a_movement_that_the_exercise_has(): void
    {
        $spoken = 0;
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                // A roll goes to the front and back, a row is a pull.
                $movements = "{$rung->slug} {$rung->phases?->lowering} {$rung->phases?->lifting} roll pull";
                preg_match_all('/on the (?!way)(\w+)/', $rung->phases === null ? '' : $rung->coaching()->breathing, $named);
                foreach ($named[1] as $movement) {
                    $spoken++;
                    self::assertStringContainsString($movement, $movements, "{$rung->slug}: {$rung->coaching()->breathing}");
                }
            }
        }
        self::assertGreaterThan(50, $spoken);
    }

    public function test_how_an_exercise_is_left_and_checked_goes_with_its_position_and_its_kit(): void
    {
        $weights = [Kit::Dumbbell, Kit::Kettlebell, Kit::Sandbag, Kit::Plate, Kit::MedicineBall, Kit::AnkleWeights, Kit::Barbell, Kit::CornerBar];
        $needs = ['weights?' => $weights, 'bar' => [Kit::Barbell, Kit::CornerBar, Kit::HangingBar, Kit::KneeRaiseTower], 'ball' => [Kit::Ball, Kit::MedicineBall], 'band|anchor' => [Kit::Band, Kit::Cable, Kit::Partner]];
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                [$out, $check] = [$rung->coaching()->wayOut->words, $rung->coaching()->check];
                $kit = array_merge([], ...array_map(static fn(Need $need): array => $need->anyOf, $rung->kit));
                foreach ($needs as $named => $any) {
                    if (preg_match("/\\b({$named})\\b/", str_replace('weight off', '', "{$out} {$check}")) === 1) {
                        self::assertNotSame([], array_uintersect($kit, $any, static fn(Kit $a, Kit $b): int => $a->value <=> $b->value), "{$rung->slug}: {$out} {$check}");
                    }
                }
                if (! in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true)) {
                    self::assertDoesNotMatchRegularExpression('/\bstep\b/i', $out, $rung->slug);
                }
                if ($rung->position !== Position::Walking) {
                    self::assertStringNotContainsString('Walk ', $check, $rung->slug);
                }
            }
        }
    }

    /** @return iterable<string, array{list<\BackedEnum>, string}> cases of the core, where the schema names them */
    public static function words(): iterable
    {
        yield 'demands' => [Demand::cases(), '/$defs/demand/enum'];
        yield 'kit' => [Kit::cases(), '/$defs/piece/enum'];
        yield 'positions' => [Position::cases(), '/$defs/rung/properties/position/enum'];
        yield 'levers, where there is a rung below' => [array_filter(Lever::cases(), static fn(Lever $lever): bool => $lever !== Lever::Start), '/$defs/rung/properties/lever/properties/kind/enum'];
        yield 'topics of cues' => [Topic::ofRungs(), '/$defs/topic/enum'];
        yield 'kinds of work' => [WorkKind::cases(), '/$defs/rung/properties/kind/enum'];
        yield 'where the work comes from' => [WorksFrom::cases(), '/$defs/rung/properties/works_from/enum'];
        yield 'kinds of dose' => [DoseKind::cases(), '/$defs/rung/properties/dose/enum'];
    }

    /** @param list<\BackedEnum> $cases */
    #[DataProvider('words')]
    public function test_the_schema_of_ladder_files_names_what_the_core_knows(array $cases, string $pointer): void
    {
        $named = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/library/ladder.schema.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach (explode('/', ltrim($pointer, '/')) as $key) {
            self::assertIsArray($named);
            $named = $named[$key] ?? [];
        }

        self::assertEqualsCanonicalizing(array_column($cases, 'value'), $named);
    }

    public function test_no_two_rungs_say_the_same_of_themselves(): void
    {
        $names = array_map(static fn(Rung $rung): string => $rung->name, self::rungs());

        self::assertSame($names, array_unique($names));
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            $short = array_map(static fn(Rung $rung): string => $rung->shortName, $ladder->rungs);
            self::assertSame($short, array_unique($short), $ladder->slug);
        }
    }

    public function test_every_rung_is_coached_in_full(): void
    {
        foreach (self::rungs() as $rung) {
            $says = $rung->coaching();
            self::assertGreaterThanOrEqual(3, count($says->cues), $rung->slug);
            self::assertLessThanOrEqual(5, count($says->cues), $rung->slug);
            self::assertGreaterThanOrEqual(2, count($says->faults), $rung->slug);
            self::assertLessThanOrEqual(4, count($says->faults), $rung->slug);
            foreach ([...$rung->cues(new Circumstances([], [], Method::default())), $says->purpose, $says->check, $says->breathing, $says->felt, $says->notFelt, $says->fallback, $says->wayOut->words, $says->relief->words] as $sentence) {
                self::assertMatchesRegularExpression('/^[\p{Lu}0-9].*[.!?]$/u', $sentence, $rung->slug);
            }
        }
    }

    /** Who is told to kneel, to fold or to lower the head is told so by data, too: a limit is held against it. */
    public function test_a_way_out_or_a_relief_that_loads_something_says_what(): void
    {
        $loads = ['/heels|kneel|knees down|then the knees|all fours/i' => Load::Kneeling, '/heels|hug/i' => Load::HipFlexor, '/forehead|hug|knees drawn up/i' => Load::TrunkFlexion, '/forehead|head low/i' => Load::HeadDown, '/push up/i' => Load::Wrist];
        $told = 0;
        foreach (self::rungs() as $rung) {
            foreach ([$rung->coaching()->wayOut, $rung->coaching()->relief] as $ending) {
                foreach ($loads as $words => $load) {
                    if (preg_match($words, $ending->words) === 1 && ! str_contains($ending->words, 'roll to')) {
                        $told++;
                        self::assertGreaterThan(0, $ending->loads->value($load), "{$rung->slug}: “{$ending->words}” loads {$load->inWords()}");
                    }
                }
            }
        }
        self::assertGreaterThan(100, $told);
    }

    public function test_nobody_is_told_to_end_in_a_way_that_their_limits_rule_out(): void
    {
        $plank = ShippedLibrary::rung('front-plank/forearms-toes')->coaching();
        $ends = static fn(State ...$states): string => $plank->toEnd(array_map(static fn(State $state): Limit => $state->limit(Side::Both), array_values($states)));

        self::assertSame('Put the knees down, sit back on the heels. Seat to the heels, forehead on the hands.', $ends());
        self::assertSame('Put the knees down, sit back on the heels. Lie on the easier side and breathe.', $ends(State::Osteoporosis));
        self::assertSame('Put the knees down, sit back on the heels. Lie on the easier side and breathe.', $ends(State::RaisedPressure), 'no head below the heart');
        self::assertSame('Let go, lower to the floor and roll to the easier side. Lie on the easier side and breathe.', $ends(State::KneelingPain));
    }

    /** Seconds, tempo and falling sets that stand in what a rung says of itself are those of its default dose. */
    public function test_the_default_dose_agrees_with_what_the_rung_says(): void
    {
        $checked = 0;
        foreach (self::rungs() as $rung) {
            $dose = $rung->defaultDose(Method::default());
            $tempo = $rung->tempoOf($dose);
            $holds = $dose->first() instanceof Holds ? [$dose->first()->seconds] : [$tempo->pauseHigh->seconds, $tempo->pauseLow->seconds];
            foreach (self::saidSeconds("{$rung->name}. {$rung->coaching()->purpose}") as [$from, $to]) {
                $checked++;
                self::assertNotSame([], array_filter($holds, static fn(int $seconds): bool => $seconds >= $from && $seconds <= $to), "{$rung->slug} says {$from} to {$to} s and begins with ".DoseLine::print($dose));
            }
            foreach (self::saidSeconds(implode(' ', array_map(static fn(Said $said): string => $said->words, $rung->coaching()->cues))) as [$from, $to]) {
                $checked++;
                $parts = [...$holds, $tempo->lowering->seconds, $tempo->lifting->seconds];
                self::assertNotSame([], array_filter($parts, static fn(int $seconds): bool => $seconds >= $from && $seconds <= $to), "{$rung->slug} has a cue of {$from} to {$to} s and begins with ".DoseLine::print($dose));
            }
            if (preg_match('/\d-\d-\d-\d/', $rung->name, $found) === 1) {
                $checked++;
                self::assertSame($found[0], $tempo->print(), $rung->slug);
            }
            if (preg_match('/(\d) up – (\d) down/', $rung->name, $found) === 1) {
                $checked++;
                self::assertSame([(int) $found[1], (int) $found[2]], [$tempo->lifting->seconds, $tempo->lowering->seconds], $rung->slug);
            }
            self::assertSame(str_contains($rung->name, 'falling'), $dose->isFalling(), $rung->slug);
        }
        self::assertGreaterThan(12, $checked);
    }

    /**
     * “2–3 s”, “7 s”, “three seconds”, “a second”.
     *
     * @return list<array{int, int}>
     */
    private static function saidSeconds(string $text): array
    {
        $words = ['a' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'ten' => 10];
        preg_match_all('/(?:(\d+)–)?(\d+) (?:s|seconds?)\b/u', $text, $figures, PREG_SET_ORDER);
        preg_match_all('/\b('.implode('|', array_keys($words)).') (?:slow )?seconds?\b/iu', $text, $said);

        return [
            ...array_map(static fn(array $found): array => [(int) ($found[1] === '' ? $found[2] : $found[1]), (int) $found[2]], $figures),
            ...array_map(static fn(string $word): array => [$words[strtolower($word)], $words[strtolower($word)]], $said[1]),
        ];
    }

    public function test_a_fallback_rung_is_not_harder_than_the_rung_itself(): void
    {
        foreach (self::rungs() as $rung) {
            $fallback = $rung->coaching()->fallbackRung;
            if ($fallback !== null) {
                self::assertLessThanOrEqual(0, ShippedLibrary::rung($fallback)->height->above($rung->height), "{$rung->slug} falls back to {$fallback}");
            }
        }
    }

    public function test_what_moves_is_drawn_in_two_positions_and_what_is_held_in_one(): void
    {
        foreach (self::rungs() as $rung) {
            if ($rung->dynamic) {
                $poses = $rung->plan()->poses;
                self::assertGreaterThan(1, count($poses), "{$rung->slug} moves");
                self::assertNotEquals($poses[0], end($poses), $rung->slug);
            } elseif ($rung->doseKind->isHold() && ! str_starts_with($rung->slug, 'head-lift/')) {
                self::assertCount(1, $rung->plan()->poses, "{$rung->slug} is held");
            }
        }
    }

    public function test_a_dangling_link_is_refused(): void
    {
        $this->expectException(InvalidLadder::class);
        $this->expectExceptionMessage('hip-side: “Knees-bent side plank with top-leg lift” falls back to “side-bridge/knees-bent”, which is not there.');

        Library::of([ShippedLibrary::get()->ladder('hip-side')], 'test');
    }

    /** @return iterable<string, array{State}> */
    public static function states(): iterable
    {
        foreach (State::cases() as $state) {
            yield $state->label() => [$state];
        }
    }

    /** Every limit leaves a rung of each demand of the week at every level up to advanced, or the library says why not. */
    #[DataProvider('states')]
    public function test_a_limit_leaves_work_at_every_level_or_the_library_says_why_not(State $state): void
    {
        $circumstances = new Circumstances([$state->limit(Side::Both)], Kit::cases(), Method::default()->with(Answer::ExtensionLiftsToo));
        $said = [];
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach (in_array($ladder->demand, Demand::everyWeek(), true) ? $ladder->gaps : [] as $gap) {
                foreach ($gap->limit === $state->value ? $gap->levels : [] as $level) {
                    $said[] = "{$ladder->demand->value} {$level->value}";
                }
            }
        }
        $missing = [];
        foreach (Demand::everyWeek() as $demand) {
            foreach ([Level::Foundation, Level::Beginner, Level::Intermediate, Level::Advanced] as $level) {
                $open = array_filter(ShippedLibrary::get()->meeting($demand), static fn(Rung $rung): bool => $rung->height->level() === $level && $circumstances->rule($rung)->openSomewhere());
                if ($open === []) {
                    $missing[] = "{$demand->value} {$level->value}";
                }
            }
        }

        self::assertEqualsCanonicalizing($missing, $said, $state->label());
    }

    /** A demand that a limit closes altogether is said too, whatever the week asks for. */
    #[DataProvider('states')]
    public function test_no_limit_closes_a_demand_without_a_sentence(State $state): void
    {
        $circumstances = new Circumstances([$state->limit(Side::Both)], Kit::cases(), Method::default()->with(Answer::TrainedMovementToo));
        foreach (Demand::cases() as $demand) {
            $rungs = ShippedLibrary::get()->meeting($demand);
            if ($rungs === [] || array_filter($rungs, static fn(Rung $rung): bool => $circumstances->rule($rung)->openSomewhere()) !== []) {
                continue;
            }
            $said = array_merge(...array_map(static fn($ladder): array => $ladder->demand === $demand ? $ladder->gaps : [], ShippedLibrary::get()->ladders()));
            $levels = array_merge(...array_map(static fn($gap): array => $gap->limit === $state->value ? $gap->levels : [], $said));

            self::assertEqualsCanonicalizing(array_values(array_unique(array_map(static fn(Rung $rung): string => $rung->height->level()->value, $rungs))), array_map(static fn(Level $level): string => $level->value, $levels), "{$state->label()} closes {$demand->shortName()}");
        }
        $this->addToAssertionCount(1);
    }

    public function test_an_unloaded_arm_lying_on_the_back_is_no_overhead_load(): void
    {
        $sore = new Circumstances([State::ShoulderPain->limit(Side::Both)], [], Method::default());
        foreach (['dead-bug/one-arm-reach', 'dead-bug/both-arms-reach', 'dead-bug/ninety-one-arm', 'dead-bug/ninety-both-arms', 'dead-bug/opposite-foot-planted', 'dead-bug/opposite-short', 'dead-bug/same-side'] as $slug) {
            self::assertTrue($sore->rule(ShippedLibrary::rung($slug))->openSomewhere(), $slug);
        }
    }

    /** @return list<Rung> */
    private static function rungs(): array
    {
        return array_merge(...array_map(static fn($ladder): array => $ladder->rungs, ShippedLibrary::get()->ladders()));
    }
}
