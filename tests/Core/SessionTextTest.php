<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Ladder\NameIndex;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionText;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\TextLine;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A session typed or pasted as lines of text. */
final class SessionTextTest extends TestCase
{
    private static ?NameIndex $names = null;

    /** @return iterable<array{string, string}> typed, rung */
    public static function names(): iterable
    {
        yield ['Side bridge, knees bent', 'side-bridge/knees-bent'];
        yield ['side plank knees', 'side-bridge/knees-bent'];
        yield ['sude bridge knees bent', 'side-bridge/knees-bent'];
        yield ['all fours leg lift', 'all-fours/leg-lift'];
        yield ['kneeling wheel rollout', 'rollout/wheel-30'];
        yield ['box squat', 'squat/box'];
        yield ['hang knee raise', 'trunk-flexion/hanging-knee-raise'];
        yield 'the ladder means where the person stands' => ['front plank', 'front-plank/forearms-knees'];
        yield 'so does a word for it' => ['plank', 'front-plank/forearms-knees'];
    }

    #[DataProvider('names')]
    public function test_names_are_matched_to_rungs(string $typed, string $rung): void
    {
        $match = self::index()->find($typed, self::working());

        self::assertTrue($match->sure);
        self::assertSame($rung, $match->choices[0]->slug);
    }

    #[TestWith(['press-out kneeling', 'Press-out, tall kneeling', 'Press-out, half-kneeling, wide'])]
    #[TestWith(['bird dog', 'Opposite arm and leg, held', 'Opposite arm and leg, short holds'])]
    #[TestWith(['hinge', 'Dowel hinge', 'Hinge with a light weight from hip height'])]
    public function test_when_unsure_the_choices_are_shown_the_likeliest_first(string $typed, string $first, string $second): void
    {
        $match = self::index()->find($typed, self::working());

        self::assertFalse($match->sure);
        self::assertSame([$first, $second], array_map(static fn(Rung $rung): string => $rung->name, array_slice($match->choices, 0, 2)));
    }

    public function test_every_name_of_the_library_finds_its_own_rung_and_every_ladder_has_only_its_own(): void
    {
        foreach (ShippedLibrary::get()->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                self::assertSame($rung->slug, self::index()->find(mb_strtoupper($rung->name))->choices[0]->slug);
            }
        }
        self::assertSame([], self::index()->find('xylophone')->choices);
        self::assertSame([], self::index()->find('the of and')->choices);
    }

    public function test_a_line_is_a_name_and_a_dose_or_a_name_alone(): void
    {
        self::assertSame([['side-bridge/knees-bent', '3x(2x10s/5)/side r45']], self::exercises('side plank knees 3x(2x10s/5)/side r45'));
        self::assertSame([['rollout/wheel-30', '3x6 30cm']], self::exercises('Kneeling wheel rollout, 30 cm range'), 'the default dose; the number is the range');
        self::assertSame([['rollout/wheel-30', '2x8 45cm r60']], self::exercises('kneeling wheel rollout 45 cm 2x8 r60'));
        self::assertSame([['dead-bug/opposite-short', '2x8/side whole']], self::exercises('dead-bug opposite arm and leg, full range 2x8'));
        self::assertSame([['bridge/touch', '2x10']], self::exercises('Bridge, 3 up – 3 down, light touch 2x10'));
        self::assertSame([['dead-bug/ninety-hold', '3x10s']], self::exercises('Both legs at 90/90, hold: 3 x 10s'));
    }

    public function test_a_circuit_in_braces_has_its_rounds_gaps_and_rest(): void
    {
        $block = self::read("2x{\n side bridge knees 20s/side r25\n press-out standing 10/side\n} r50")['blocks'][0];

        self::assertTrue($block->isCircuit);
        self::assertSame(['2x20s/side', '2x10/side'], array_map(static fn(WrittenItem $item): string => $item->dose, $block->items));
        self::assertSame([25], $block->gapSeconds);
        self::assertSame(50, $block->roundRestSeconds);
        self::assertEquals($block->items[1]->dose, self::read('2x{side bridge knees 20s/side; press-out standing 10/side}')['blocks'][0]->items[1]->dose, 'or on one line');
    }

    public function test_six_stations_by_the_clock_take_17_30(): void
    {
        $blocks = self::read("6 stations 60/30 x2\nplank\nside bridge\nall fours leg lift\npress-out seated\nclam\nbox squat")['blocks'];
        $session = self::session($blocks);

        self::assertCount(1, $blocks);
        self::assertSame(1050, $session->timeline()->totals()->total());
    }

    public function test_a_station_may_have_work_and_rest_of_its_own(): void
    {
        $block = self::read('3 stations 40/20 x2 r60: plank; side bridge 30/15; clam')['blocks'][0];

        self::assertSame(['2x40s on', '2x30s on', '2x40s on'], array_map(static fn(WrittenItem $item): string => $item->dose, $block->items));
        self::assertSame([20, 15], $block->gapSeconds);
        self::assertSame(60, $block->roundRestSeconds);
    }

    public function test_parts_and_title_are_lines_of_their_own(): void
    {
        $read = self::read("# Monday\nFinisher\nplank 1x20s\nPrimer:\nclam 1x8/side\nMain part\nbox squat 2x8");

        self::assertSame('Monday', $read['title']);
        self::assertSame([Part::Primer, Part::Main, Part::Finisher], array_map(static fn(WrittenBlock $block): Part => $block->part, $read['blocks']), 'in their order, however typed');
    }

    /** @return iterable<string, array{string, string}> text, sentence */
    public static function mistakes(): iterable
    {
        yield 'an unknown name' => ['xylophone 3x10', 'No exercise is called anything like “xylophone”.'];
        yield 'a dose for both sides' => ['side bridge knees bent 3x20s', 'add “/side”'];
        yield 'a word too many' => ['clam 2x10 reps', 'leave the word out'];
        yield 'a load without its sign' => ['box squat 2x10 12kg', 'a load is written @12kg'];
        yield 'a station too few' => ["3 stations 60/30 x2\nplank\nclam", '2 stations are here, 3 were announced.'];
        yield 'an end without a beginning' => ['}', 'There is no circuit to end here.'];
        yield 'too many rounds' => ["30x{\nplank 20s\nclam 10/side\n}", 'Rounds can be from 1 to 20, not 30.'];
        yield 'a circuit of one' => ["2x{\nplank 20s\n}", 'A circuit needs at least two stations.'];
        yield 'no time at a station' => ['6 stations 5/30 x2', 'The seconds of a timed set can be from 10 to 1800, not 5.'];
        yield 'a hostile length' => [str_repeat("plank 2x20s\n", 900), 'A session has at most 40 exercises.'];
    }

    #[DataProvider('mistakes')]
    public function test_what_cannot_be_read_says_so_on_its_line_and_loses_nothing(string $text, string $says): void
    {
        $problems = array_values(array_filter(self::read($text)['lines'], static fn(TextLine $line): bool => $line->problem !== null));

        self::assertNotSame([], $problems);
        self::assertStringContainsString($says, (string) $problems[0]->problem);
    }

    public function test_a_flood_of_names_nobody_knows_is_read_no_further_than_a_session_is_long(): void
    {
        $lines = self::read(str_repeat("xy\n", 2000))['lines'];

        self::assertCount(121, $lines);
        self::assertStringContainsString('at most 120 lines', (string) $lines[120]->problem);
    }

    public function test_the_place_of_a_mistake_is_told_in_the_line(): void
    {
        $line = self::read('clam 2x10/side 12kg')['lines'][0];

        self::assertSame(mb_strpos('clam 2x10/side 12kg', '12kg'), $line->position);
    }

    public function test_a_dose_that_cannot_be_read_keeps_its_exercise_and_its_text(): void
    {
        self::assertSame([['hip-side/clam', '3x10 3-1-x1-9']], self::exercises('clam 3x10 3-1-x1-9'));
    }

    public function test_what_is_printed_reads_back_as_the_same_session(): void
    {
        mt_srand(77);
        foreach ([Method::default(), Method::default()->with(Answer::CountMovements), Method::default()->with(Answer::CountPairs)] as $method) {
            for ($round = 0; $round < 60; $round++) {
                $session = RandomSession::make();
                $text = SessionText::print($session, $method, 'Title of it');
                $read = SessionText::read($text, self::index(), [], $method);

                self::assertSame('Title of it', $read['title']);
                self::assertEquals(self::plain(WrittenBlock::all($session)), self::plain($read['blocks']), $text);
                self::assertSame([], array_filter($read['lines'], static fn(TextLine $line): bool => $line->problem !== null || $line->choices !== []), $text);
            }
        }
    }

    /**
     * Blocks without the ids, and without rests that a circuit does not use.
     *
     * @param list<WrittenBlock> $blocks
     *
     * @return list<array{bool, Part, list<int>, int, list<array{string, string}>}>
     */
    private static function plain(array $blocks): array
    {
        return array_map(static fn(WrittenBlock $block): array => [$block->isCircuit, $block->part, $block->gapSeconds, $block->roundRestSeconds, array_map(
            static fn(WrittenItem $item): array => [$item->rung, $block->isCircuit ? (string) preg_replace('/ r\d+/', '', $item->dose) : $item->dose],
            $block->items,
        )], $blocks);
    }

    /** @param list<WrittenBlock> $blocks */
    private static function session(array $blocks): Session
    {
        return new Session(array_map(static function (WrittenBlock $block): StraightSets|Circuit {
            $items = array_map(static fn(WrittenItem $item) => ShippedLibrary::item($item->rung, $item->dose, $item->id), $block->items);

            return $block->isCircuit ? new Circuit($items === [] ? throw new \LogicException : $items, $block->gapSeconds, $block->roundRestSeconds) : new StraightSets($items[0]);
        }, $blocks));
    }

    /** @return list<array{string, string}> rung and dose */
    private static function exercises(string $text): array
    {
        $all = [];
        foreach (self::read($text)['blocks'] as $block) {
            foreach ($block->items as $item) {
                $all[] = [$item->rung, $item->dose];
            }
        }

        return $all;
    }

    /** @return array{title: string|null, blocks: list<WrittenBlock>, lines: list<TextLine>} */
    private static function read(string $text): array
    {
        return SessionText::read($text, self::index(), self::working(), Method::default());
    }

    private static function index(): NameIndex
    {
        return self::$names ??= new NameIndex(ShippedLibrary::get()->ladders(), ShippedLibrary::get()->names);
    }

    /** @return array<string, Rung> */
    private static function working(): array
    {
        return ['side-bridge' => ShippedLibrary::rung('side-bridge/knees-bent'), 'front-plank' => ShippedLibrary::rung('front-plank/forearms-knees')];
    }
}
