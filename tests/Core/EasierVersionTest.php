<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Person\EasierNow;
use EvenRungs\Person\History;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\NotedLimit;
use EvenRungs\Person\PendingDecision;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Progress\Decision;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Screening\State;
use EvenRungs\Session\EasierVersion;
use EvenRungs\Session\Item;
use PHPUnit\Framework\TestCase;

/** Form is lost in a set: an easier version takes the rest, and is logged as what it is. */
final class EasierVersionTest extends TestCase
{
    private const PLANK = 'front-plank/forearms-toes';
    private const KNEES = 'front-plank/forearms-knees';

    public function test_the_rest_of_the_sets_goes_on_with_the_dose_that_was_written(): void
    {
        $offered = self::offered(ShippedLibrary::item(self::PLANK, '3x20s r40', 'plank'));

        self::assertSame([self::KNEES.' 3x20s r40'], array_slice($offered, 0, 1));
        foreach ($offered as $version) {
            self::assertStringEndsWith(' 3x20s r40', $version);
        }
    }

    public function test_a_smaller_range_of_the_same_rung_comes_first(): void
    {
        [$first] = EasierNow::of(self::record(), ShippedLibrary::item('rollout/wheel-30', '2x8 60cm', 'roll'));

        self::assertSame(['rollout/wheel-30', '45cm', 'A smaller range, 45 cm'], [$first->item->rung->slug, $first->item->dose->range?->print(), $first->words]);
    }

    public function test_before_any_other_version_comes_the_smaller_dose_that_was_clean_last(): void
    {
        $ticks = array_fill_keys(array_map(static fn(FormQuestion $question): string => $question->value, FormQuestion::cases()), true);
        $log = static fn(int $day, int $done): LoggedSession => new LoggedSession("log {$day}", 'session', Day::parse("2026-05-0{$day}"), $day, null, array_map(static fn(int $number): LoggedSet => new LoggedSet('plank', self::PLANK, "2x{$done}s", $done, null, null, $ticks, 0, 6, false, null, null, $number), [1, 2]), []);
        $record = self::record(logs: [$log(1, 10), $log(4, 15)]);

        self::assertSame([self::PLANK.' 3x15s r40', self::KNEES.' 3x20s r40'], array_slice(self::offered(ShippedLibrary::item(self::PLANK, '3x20s r40', 'plank'), $record), 0, 2));
        self::assertSame('As it was clean on Monday 4 May', EasierNow::of($record, ShippedLibrary::item(self::PLANK, '3x20s'))[0]->words);
        self::assertSame(self::KNEES, EasierNow::of($record, ShippedLibrary::item(self::PLANK, '3x10s'))[0]->item->rung->slug, 'what was clean is no less than this');
        self::assertNotSame(self::PLANK, EasierNow::of($record, ShippedLibrary::item(self::PLANK, '3x30s on'))[0]->item->rung->slug, 'by the clock goes on by the clock');
    }

    public function test_what_is_closed_to_the_person_is_not_offered(): void
    {
        $push = ShippedLibrary::item('press-out/standing-short', '2x10/side', 'out');
        $sore = self::record([new NotedLimit(State::KneelingPain, Side::Both, Day::parse('2026-06-01'), false)]);

        self::assertContains('press-out/half-kneeling-wide 2x10/side', self::offered($push));
        self::assertSame(['press-out/seated 2x10/side'], self::offered($push, $sore));
    }

    /** A half-kneeling chop falls back to the press-out: where they stand below that, or it was stopped, it is not the easier one. */
    public function test_on_another_ladder_nothing_is_easier_than_what_they_may_do_there(): void
    {
        $chop = ShippedLibrary::item('standing-turn/half-kneeling-chop', '3x8/side', 'chop');
        $places = static fn(string $rung, bool $stopped = false): array => [new Placing('out', 'press-out', Side::Both, $rung, $stopped, 1, Day::parse('2026-06-01'))];
        $pressOut = 'press-out/half-kneeling-wide 3x8/side';

        self::assertContains($pressOut, self::offered($chop));
        self::assertContains($pressOut, self::offered($chop, self::record(also: $places('press-out/standing'))));
        foreach ([$places('press-out/seated'), $places('press-out/standing', stopped: true)] as $also) {
            $record = self::record(also: $also);
            self::assertNotContains($pressOut, self::offered($chop, $record));
            self::assertStringNotContainsString('ress-out', EasierNow::inWords($record, $chop->rung));
        }
    }

    /** Where the method goes on from the forearms to the hands, the hands are still the shorter lever. */
    public function test_an_easier_version_is_never_a_higher_rung(): void
    {
        $hands = ShippedLibrary::item('front-plank/hands-toes', '2x15s', 'hands');
        $record = self::record(method: Method::default()->with(Answer::HandsAfterForearms));

        self::assertNotContains(self::PLANK.' 2x15s', self::offered($hands, $record));
        self::assertNotSame([], self::offered($hands, $record));
    }

    public function test_sets_of_an_easier_version_are_no_sets_of_the_rung_they_took_over_from(): void
    {
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, self::PLANK, '3x20s', 20), self::set(2, self::KNEES, '3x20s', 20), self::set(3, self::KNEES, '3x20s', 20)], []);
        $exercises = $log->exercises(ShippedLibrary::get(), Side::Both);

        self::assertSame([[self::PLANK, 1, false], [self::KNEES, 2, false]], array_map(static fn($one): array => [$one->rung->slug, count($one->sets), $one->reachedTarget()], $exercises));
        [$pending] = self::record(logs: [$log])->judgement()->pending();
        self::assertSame(self::PLANK, $pending->session->rung->slug);
        self::assertSame([ShippedLibrary::rung(self::KNEES)->name => 2], $pending->takenOver(ShippedLibrary::get()));
    }

    public function test_an_easier_version_of_every_set_asks_whether_to_step_down(): void
    {
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, self::KNEES, '1x20s', 20, instead: self::PLANK)], []);
        [$pending] = self::record(logs: [$log])->judgement()->pending();

        self::assertSame([self::KNEES, Decision::StepDown, 'front-plank/forearms-low-step'], [$pending->session->rung->slug, $pending->proposal->choice, $pending->proposal->to?->slug]);
        self::assertSame('“Front plank, forearms, knees down” took its place from the first set on.', $pending->proposal->reasons[0]->sentence);

        $written = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, self::KNEES, '1x20s', 20)], []);
        self::assertSame([], self::record(logs: [$written])->judgement()->pending(), 'a lower rung that was written says nothing of the working one');
    }

    public function test_an_easier_version_of_nearly_the_same_height_is_no_session_of_the_rung_either(): void
    {
        // 5.2 in place of 5.4: so near that what is written on one says something of the other.
        [$here, $near] = ['front-plank/foot-lift', 'front-plank/small-rock'];
        $judged = static fn(?string $instead): array => self::record(logs: [new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, array_map(static fn(int $set): LoggedSet => self::set($set, $near, '2x45s on', 45, instead: $instead), [1, 2]), [])], rung: $here)->judgement()->pending();

        self::assertSame([[Decision::StepDown, $near], Decision::Stay], [[$judged($here)[0]->proposal->choice, $judged($here)[0]->proposal->to?->slug], $judged(null)[0]->proposal->choice]);
        self::assertSame('“Front plank with a small rock from the ankles” took its place from the first set on.', $judged($here)[0]->proposal->reasons[0]->sentence);
    }

    public function test_while_that_waits_the_rung_itself_comes_with_less_and_after_a_set_of_it_as_ever(): void
    {
        $log = static fn(int $day, LoggedSet ...$sets): LoggedSession => new LoggedSession("log {$day}", 'session', Day::parse("2026-06-0{$day}"), $day, null, array_values($sets), []);
        $next = static fn(LoggedSession ...$logs): string => \EvenRungs\Dose\DoseLine::print(self::record(logs: array_values($logs))->doses()->next()[self::PLANK]->dose);
        $knees = static fn(int $day): LoggedSession => $log($day, self::set(1, self::KNEES, '1x20s', 20, instead: self::PLANK));

        self::assertSame(['3x(2x10s/5)', '3x10s', '3x5s'], [$next(), $next($knees(1)), $next($knees(1), $knees(2))]);
        self::assertSame('1x20s', $next($knees(1), $log(2, self::set(1, self::PLANK, '1x20s', 20))));
    }

    public function test_so_does_a_rung_of_a_ladder_on_which_nobody_has_placed_them(): void
    {
        // A program begins low there.
        $held = 'press-out/standing-held';
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, 'press-out/standing-short', '2x10/side', 10, instead: $held)], []);
        $record = self::record(logs: [$log]);
        $next = $record->doses()->next()[$held];

        self::assertTrue($record->doses()->first(ShippedLibrary::rung($held))->dose->asksForMoreThan($next->dose));
        self::assertStringContainsString('took its place from the first set on', $next->reason->sentence);
    }

    public function test_a_set_of_the_rung_itself_comes_before_what_took_over(): void
    {
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, self::PLANK, '2x20s', 20), self::set(2, self::KNEES, '2x20s', 20, instead: self::PLANK)], []);
        [$pending] = self::record(logs: [$log])->judgement()->pending();

        self::assertSame([self::PLANK, Decision::Stay], [$pending->session->rung->slug, $pending->proposal->choice]);
    }

    public function test_nobody_is_told_an_easier_version_that_their_limits_rule_out(): void
    {
        $says = static fn(State ...$states): string => EasierNow::inWords(self::record(limits: array_map(static fn(State $state): NotedLimit => new NotedLimit($state, Side::Both, Day::parse('2026-06-01'), false), array_values($states))), ShippedLibrary::rung(self::PLANK));

        self::assertSame('Put the knees down and go on.', $says());
        self::assertSame('“Front plank, forearms on a low step”.', $says(State::KneelingPain));
        self::assertSame('End the set earlier, or leave one out.', $says(State::KneelingPain, State::ShoulderPain));
    }

    public function test_of_a_set_on_top_only_pain_counts(): void
    {
        $exercise = static fn(int $done, int $pain) => (new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, self::PLANK, '2x20s +1', 20), self::set(2, self::PLANK, '2x20s +1', 20), self::set(3, self::PLANK, '2x20s +1', $done, $pain)], []))->exercises(ShippedLibrary::get(), Side::Both)[0];

        self::assertTrue($exercise(5, 0)->reachedTarget(), 'it is written on top of what is planned');
        self::assertCount(2, $exercise(5, 0)->sets);
        self::assertSame(4, $exercise(20, 4)->pain());
    }

    public function test_an_easier_exercise_before_the_working_rung_does_not_hide_its_decision(): void
    {
        $log = static fn(int $pain): LoggedSession => new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [self::set(1, 'front-plank/forearms-wall', '1x20s', 20, $pain, 'warm'), self::set(1, self::PLANK, '1x20s', 20)], []);
        $judged = static fn(int $pain): array => array_map(static fn(PendingDecision $one): string => $one->session->rung->slug, self::record(logs: [$log($pain)])->judgement()->pending());

        self::assertSame([self::PLANK], $judged(0));
        self::assertSame(['front-plank/forearms-wall'], $judged(4), 'the one that hurt is looked at');
    }

    /** @return list<string> rung and dose */
    private static function offered(Item $item, ?PersonRecord $record = null): array
    {
        return array_map(static fn(EasierVersion $version): string => "{$version->item->rung->slug} ".\EvenRungs\Dose\DoseLine::print($version->item->dose), EasierNow::of($record ?? self::record(), $item));
    }

    private static function set(int $number, string $rung, string $dose, int $done, int $pain = 0, string $item = 'plank', ?string $instead = null): LoggedSet
    {
        return new LoggedSet($item, $rung, $dose, $done, null, null, [], $pain, 6, false, null, null, $number, insteadOf: $instead);
    }

    /**
     * @param list<NotedLimit>    $limits
     * @param list<LoggedSession> $logs
     * @param list<Placing>       $also
     */
    private static function record(array $limits = [], array $logs = [], string $rung = self::PLANK, array $also = [], ?Method $method = null): PersonRecord
    {
        $first = Day::parse('2026-06-01');

        return new PersonRecord(
            ShippedLibrary::get(),
            $method ?? Method::default(),
            $first->plusDays(1),
            new Profile(Aim::Even, null, null, null, [1, 3], 25, Kit::cases(), null, []),
            new Safety($limits, [], [], $first, []),
            History::of([new Placing('placed', 'front-plank', Side::Both, $rung, false, 0, $first), ...$also], [], $logs, [], [], $first),
        );
    }
}
