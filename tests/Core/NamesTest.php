<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Ladder\NameIndex;
use EvenRungs\Ladder\Names;
use EvenRungs\Ladder\Rung;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** What the trade calls exercises finds the right rung or offers the right ones, and is never answered with another exercise. */
final class NamesTest extends TestCase
{
    private static ?NameIndex $index = null;

    /** @return iterable<string, array{string, non-empty-list<string>}> a name as the data file has it, and the rungs it means */
    public static function names(): iterable
    {
        $data = Yaml::parseFile(dirname(__DIR__, 2).'/library/names.yaml');
        assert(is_array($data));
        /** @var array<string, non-empty-list<string>> $names */
        $names = $data['names'];
        foreach ($names as $name => $rungs) {
            yield $name => [$name, $rungs];
        }
    }

    public function test_there_are_at_least_120_names_of_the_trade(): void
    {
        self::assertGreaterThanOrEqual(120, iterator_count(self::names()));
    }

    /** @param non-empty-list<string> $rungs */
    #[DataProvider('names')]
    public function test_a_name_its_plural_and_its_hyphens_find_what_is_meant(string $name, array $rungs): void
    {
        $plural = match (true) {
            preg_match('/(ch|sh|ss|x)$/', $name) === 1 => "{$name}es",
            str_ends_with($name, 'y') => substr($name, 0, -1).'ies',
            default => "{$name}s",
        };
        foreach ([$name, ucfirst($plural), str_replace(' ', '-', $name), strtoupper($name)] as $typed) {
            $match = self::index()->find($typed);

            self::assertSame($rungs, array_map(static fn(Rung $rung): string => $rung->slug, $match->choices), $typed);
            self::assertSame(count($rungs) === 1, $match->sure, $typed);
        }
    }

    /** @return iterable<string, array{string, string}> as practitioners type it, and the rung */
    public static function typed(): iterable
    {
        foreach ([
            'farmer’s walk' => 'carry/two-hand-carry', "farmer's walks" => 'carry/two-hand-carry', 'Crunches' => 'trunk-flexion/curl-up', 'goblet squats' => 'squat/chest-weight',
            'kettlebell swings' => 'hinge/swing', 'side-lying leg lifts' => 'hip-side/leg-lift', 'Bear Crawl' => 'floor-anti-rotation/crawl-forward', 'renegade rows' => 'floor-anti-rotation/row',
            'windmills' => 'carry/side-reach', 'hip lift march' => 'bridge/march', 'good mornings' => 'hinge/bar-back-light', 'lying leg hold' => 'dead-bug/leg-hold',
        ] as $name => $rung) {
            yield $name => [$name, $rung];
        }
    }

    #[DataProvider('typed')]
    public function test_names_are_taken_as_practitioners_type_them(string $typed, string $rung): void
    {
        $match = self::index()->find($typed);

        self::assertSame([true, $rung], [$match->sure, ($match->choices[0] ?? null)?->slug]);
    }

    /** @return iterable<string, array{string}> exercises that the library lacks */
    public static function lacking(): iterable
    {
        foreach ([
            'bench press', 'push up', 'pull up', 'chin up', 'lunge', 'walking lunge', 'side lunge', 'burpee', 'lat pulldown', 'biceps curl', 'hammer curl', 'leg press', 'leg curl', 'leg extension',
            'calf raise', 'face pull', 'shrug', 'dip', 'step up', 'thruster', 'wall sit', 'triceps extension', 'overhead press', 'bent over row', 'cable fly', 'front raise', 'lateral raise', 'split squat',
            'jump squat', 'box jump', 'jumping jack', 'battle rope', 'bench dip', 'ball slam', 'rowing machine', 'arm circles', 'fire hydrant', 'crab walk', 'plank jack', 'upright row', 'wall ball', 'hip adduction machine',
        ] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('lacking')]
    public function test_a_name_the_library_lacks_is_never_answered_with_a_different_exercise_without_asking(string $typed): void
    {
        $everywhere = [];
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            $everywhere[$ladder->slug] = $ladder->rungs[intdiv(count($ladder->rungs), 2)];
        }
        foreach ([[], $everywhere] as $working) {
            foreach ([$typed, "{$typed}s"] as $name) {
                $match = self::index()->find($name, $working);

                self::assertFalse($match->sure, $name.' is taken for '.(($match->choices[0] ?? null)->slug ?? 'nothing'));
            }
        }
    }

    public function test_of_several_meant_the_one_the_person_works_on_is_taken(): void
    {
        $match = self::index()->find('glute bridges', ['bridge' => ShippedLibrary::rung('bridge/touch')]);

        self::assertSame([true, 'bridge/touch'], [$match->sure, $match->choices[0]->slug]);
        self::assertFalse(self::index()->find('glute bridges', ['bridge' => ShippedLibrary::rung('bridge/one-leg')])->sure);
    }

    public function test_a_name_that_means_nothing_is_refused(): void
    {
        $this->expectException(InvalidLadder::class);
        $this->expectExceptionMessage('“thing” means nothing');

        Names::of(['names' => ['thing' => []]]);
    }

    public function test_a_rung_says_what_else_it_is_called(): void
    {
        self::assertContains('bear crawl', ShippedLibrary::get()->names->alsoCalled(ShippedLibrary::rung('floor-anti-rotation/crawl-forward')));
    }

    private static function index(): NameIndex
    {
        return self::$index ??= new NameIndex(ShippedLibrary::get()->ladders(), ShippedLibrary::get()->names);
    }
}
