<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Home\DecentHours;
use EvenRungs\Home\HomeNews;
use EvenRungs\Home\HomeNote;
use EvenRungs\Home\NoteKind;
use EvenRungs\Home\NotToday;
use EvenRungs\Home\Stage;
use EvenRungs\Home\StageAfter;
use EvenRungs\Home\StageKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What goes between home and practice: when it is decent, what is urgent, and when a stage comes. */
final class AtHomeTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a moment in Vienna, and when a message of then goes */
    public static function hours(): iterable
    {
        yield 'at noon at once' => ['2026-06-01 12:00', '2026-06-01 12:00'];
        yield 'at eight sharp' => ['2026-06-01 08:00', '2026-06-01 08:00'];
        yield 'before eight at eight' => ['2026-06-01 05:10', '2026-06-01 08:00'];
        yield 'from eight in the evening the next morning' => ['2026-06-01 20:00', '2026-06-02 08:00'];
        yield 'over the end of a month' => ['2026-06-30 23:59', '2026-07-01 08:00'];
        yield 'in the night the clocks go forward' => ['2026-03-28 22:00', '2026-03-29 08:00'];
        yield 'in the night the clocks go back' => ['2026-10-25 02:30', '2026-10-25 08:00'];
    }

    #[DataProvider('hours')]
    public function test_messages_go_from_eight_to_eight(string $moment, string $goes): void
    {
        $zone = new \DateTimeZone('Europe/Vienna');

        self::assertSame($goes, DecentHours::next(new \DateTimeImmutable($moment, $zone))->format('Y-m-d H:i'));
    }

    public function test_the_first_day_is_the_one_the_sheet_is_handed_over(): void
    {
        $monday = Day::parse('2026-06-01');

        self::assertSame('2026-06-05', Stage::dueOn(StageAfter::Days, 5, $monday)?->iso());
        self::assertSame('2026-06-15', Stage::dueOn(StageAfter::Days, Stage::weeksLater(2), $monday)?->iso(), 'two weeks later, on the same day of the week');
        self::assertNull(Stage::dueOn(StageAfter::Sessions, 5, $monday));
        $stage = new Stage('s', StageKind::FollowUp, StageAfter::Days, 5, $monday, Day::parse('2026-06-05'), null, null, null, '', null, null);
        self::assertSame([false, true, true], array_map(static fn(string $day): bool => $stage->isDue(Day::parse($day)), ['2026-06-04', '2026-06-05', '2026-06-09']));
    }

    public function test_how_somebody_is_goes_before_when_they_train(): void
    {
        $note = static fn(string $id, NoteKind $kind, ?NotToday $why): HomeNote => new HomeNote($id, $kind, $why, 'words', null, '', Day::parse('2026-06-01'));
        $news = new HomeNews([$note('a', NoteKind::Words, null), $note('b', NoteKind::NotToday, NotToday::Time), $note('c', NoteKind::NotToday, NotToday::Unwell)]);

        self::assertSame('c', $news->first()?->id);
        self::assertSame('a', (new HomeNews(array_slice($news->notes, 0, 2)))->first()?->id);
    }

    public function test_it_is_quiet_from_the_tenth_day_on_and_never_where_nothing_could_come(): void
    {
        $news = new HomeNews(lastHeard: Day::parse('2026-06-01'));

        self::assertSame([false, true], [$news->isQuiet(Day::parse('2026-06-10')), $news->isQuiet(Day::parse('2026-06-11'))]);
        self::assertFalse((new HomeNews)->isQuiet(Day::parse('2026-06-11')));
    }
}
