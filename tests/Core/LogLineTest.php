<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Log\LineExercise;
use EvenRungs\Log\LineSet;
use EvenRungs\Log\LogLine;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A training told afterwards in a line. */
final class LogLineTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string>}> the line, and what it tells by exercise */
    public static function lines(): iterable
    {
        yield 'as the trade writes it' => ['plank 60 60 55 e7 p0 · side 20/18 clean', ['plank' => '60 60 55 e7 p0', 'side' => '20/18 clean']];
        yield 'in any order' => ['e7 60 60 55 p0 plank ; clean 20/18 side', ['plank' => '60 60 55 e7 p0', 'side' => '20/18 clean']];
        yield 'parted by the names alone' => ['plank 60 60 side 20/18 effort 6 press-out 10 10 pain: 2', ['plank' => '60 60', 'side' => '20/18 e6', 'press' => '10/10 10/10 p2']];
        yield 'with units, and sets alike' => ['front plank 3x60s, side bridge 2x20/18', ['plank' => '60 60 60', 'side' => '20/18 20/18']];
        yield 'what has no name is of all that says nothing else' => ["plank 60 e8\nside 20/20\nclean e6 p0", ['plank' => '60 e8 p0 clean', 'side' => '20/20 e6 p0 clean']];
        yield 'a number of a side is of both' => ['side 20', ['side' => '20/20']];
        yield 'nothing of it is nothing' => ['', []];
    }

    /** @param array<string, string> $told */
    #[DataProvider('lines')]
    public function test_what_a_line_tells(string $line, array $told): void
    {
        $read = LogLine::read($line, self::session(), ShippedLibrary::get()->names);

        self::assertSame([], $read->unread);
        self::assertSame($told, self::inWords($read));
    }

    public function test_an_unclear_name_takes_the_next_exercise_nothing_was_told_of_and_offers_the_others(): void
    {
        $read = LogLine::read('plank 60 · thing 20/18 · whatsit 10', self::session(), ShippedLibrary::get()->names);

        self::assertSame(['plank' => '60', 'side' => '20/18', 'press' => '10/10'], self::inWords($read));
        self::assertSame([[], ['plank', 'press'], ['plank', 'side']], array_map(static fn(LineExercise $one): array => $one->choices, $read->exercises()));
        self::assertSame('thing', $read->exercises()[1]->asked);
    }

    public function test_what_tells_the_sides_apart_is_taken_for_an_exercise_that_has_sides(): void
    {
        self::assertSame(['side' => '20/18'], self::inWords(LogLine::read('thing 20/18', self::session(), ShippedLibrary::get()->names)));
    }

    public function test_the_day_and_the_minutes(): void
    {
        $read = LogLine::read('yesterday 14 min · plank 60', self::session(), ShippedLibrary::get()->names);

        self::assertSame([1, 14], [$read->daysAgo, $read->minutes]);
        self::assertSame(['plank' => '60'], self::inWords($read));
    }

    public function test_what_cannot_be_is_said_and_the_rest_is_read(): void
    {
        $read = LogLine::read('plank 60 60 60 60 e12 · side 20/18 · press-out 10 · plank 5/6 · one more 3', self::session(), ShippedLibrary::get()->names);

        self::assertSame(['plank' => '60 60 60', 'side' => '20/18', 'press' => '10/10'], self::inWords($read));
        self::assertSame(['“60” is one set more than “Front plank, forearms and toes” has.', 'effort goes from 0 to 10, not to 12.', '“5/6” is one set more than “Front plank, forearms and toes” has.', '“one more” is no exercise of this session.'], $read->unread);
    }

    private static function session(): Session
    {
        return new Session([
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '3x60s', 'plank')),
            new StraightSets(ShippedLibrary::item('side-bridge/knees-bent', '2x20s/side', 'side')),
            new StraightSets(ShippedLibrary::item('press-out/standing', '2x10/side', 'press')),
        ]);
    }

    /** @return array<string, string> */
    private static function inWords(LogLine $line): array
    {
        $told = [];
        foreach ($line->exercises() as $one) {
            $told[$one->item] = implode(' ', array_filter([
                ...array_map(static fn(LineSet $set): string => $set->both === null ? "{$set->left}/{$set->right}" : (string) $set->both, $one->sets),
                $one->effort === null ? '' : "e{$one->effort}", $one->pain === null ? '' : "p{$one->pain}", $one->clean === true ? 'clean' : '',
            ]));
        }

        return $told;
    }
}
