<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\Lever;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Lint;
use EvenRungs\Ladder\Rung;
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
        self::assertGreaterThanOrEqual(210, array_sum(array_map(static fn($ladder): int => count($ladder->rungs), $ladders)));
        self::assertSame(['side-bridge/top-leg-lifted'], ShippedLibrary::get()->ladder('hip-side')->signposts);
    }

    public function test_every_shipped_ladder_is_sound(): void
    {
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            self::assertSame([], Lint::of($ladder, ShippedLibrary::get()), $ladder->slug);
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
            foreach ([...$rung->cues(new Circumstances([], [], Method::default())), $says->purpose, $says->check, $says->breathing, $says->felt, $says->notFelt, $says->fallback, $says->wayOut, $says->relief] as $sentence) {
                self::assertMatchesRegularExpression('/^[\p{Lu}0-9].*[.!?]$/u', $sentence, $rung->slug);
            }
        }
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
                self::assertNotNull($rung->figure()->end, "{$rung->slug} moves");
                self::assertNotEquals($rung->figure()->start, $rung->figure()->end, $rung->slug);
            } elseif ($rung->doseKind->isHold() && ! str_starts_with($rung->slug, 'head-lift/')) {
                self::assertNull($rung->figure()->end, "{$rung->slug} is held");
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
            foreach ($ladder->gaps as $gap) {
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

    /** @return list<Rung> */
    private static function rungs(): array
    {
        return array_merge(...array_map(static fn($ladder): array => $ladder->rungs, ShippedLibrary::get()->ladders()));
    }
}
