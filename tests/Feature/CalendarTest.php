<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Component\VEvent;
use Tests\Reference\CalendarEvents;

/** The plan as a calendar file and at a private address. Today is Monday 1 June 2026 in Vienna. */
final class CalendarTest extends ApiTestCase
{
    public function test_the_file_holds_the_week_with_its_exceptions(): void
    {
        $person = $this->planned(['moves' => [['slot' => 'a', 'monday' => '2026-06-08', 'day' => 4, 'part' => 'morning', 'placement' => null, 'effort' => null]], 'away' => ['2026-06-16']]);
        $this->putJson("/api/people/{$person}/calendar", ['version' => 0, 'morning' => '06:45', 'midday' => '12:30', 'evening' => '19:15', 'alarmMinutes' => 10])->assertOk()->assertJsonPath('evening', '19:15');

        $response = $this->get("/api/people/{$person}/calendar/file")->assertOk();
        self::assertStringStartsWith('text/calendar', (string) $response->headers->get('Content-Type'));
        // Tuesdays 19:15, summer time; that of 9 June on Thursday 06:45 instead, that of the 16th away.
        self::assertSame(['2026-06-02 17:15', '2026-06-11 04:45', '2026-06-23 17:15'], array_slice(self::instants((string) $response->getContent(), '2026-06-01', '2026-06-27'), 0, 3));
        self::assertStringContainsString('-PT10M', (string) $response->getContent());
        self::assertStringContainsString('BEGIN:VTIMEZONE', (string) $response->getContent());
    }

    public function test_weeks_of_the_program_take_the_stead_of_the_usual_ones_and_keep_their_ids_when_they_are_written(): void
    {
        $person = $this->planned();
        $this->postJson("/api/people/{$person}/programs", ['id' => self::id(), 'replaces' => null, 'mondays' => null, 'why' => '', 'wish' => self::wish(['weeks' => 4])])->assertCreated();
        $before = (string) $this->get("/api/people/{$person}/calendar/file")->getContent();
        // Tuesday and Friday of the first week, 18:00 in summer; the usual Tuesday is back after the fourth.
        self::assertSame(['2026-06-02 16:00', '2026-06-05 16:00'], self::instants($before, '2026-06-01', '2026-06-07'));
        self::assertSame(['2026-06-30 16:00'], self::instants($before, '2026-06-29', '2026-07-05'));

        $this->postJson("/api/people/{$person}/program/weeks/2026-06-01")->assertCreated();
        $after = (string) $this->get("/api/people/{$person}/calendar/file")->getContent();
        self::assertSame(['2026-06-02 16:00', '2026-06-05 16:00'], self::instants($after, '2026-06-01', '2026-06-07'));
        self::assertEqualsCanonicalizing(self::ids($before), self::ids($after));
        self::assertGreaterThan(self::sequence($before), self::sequence($after));
    }

    public function test_a_private_address_answers_without_an_account_until_it_is_revoked(): void
    {
        $person = $this->planned();
        $first = (string) $this->postJson("/api/people/{$person}/calendar/address")->assertCreated()->assertJsonPath('subscribed', true)->json('address');
        $path = (string) parse_url($first, PHP_URL_PATH);
        self::assertMatchesRegularExpression('#^/calendar/[A-Za-z0-9]{40}\.ics$#', $path);
        self::assertStringNotContainsString(basename($path, '.ics'), json_encode(DB::table('calendars')->get(), JSON_THROW_ON_ERROR), 'The address itself is not kept.');
        $this->getJson("/api/people/{$person}/calendar")->assertJsonPath('address', null)->assertJsonPath('lastReadAt', null);

        Auth::logout();
        $this->call('GET', $path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $this->call('GET', '/calendar/'.str_repeat('a', 40).'.ics')->assertNotFound();

        $this->actingAs($this->trainer);
        self::assertNotNull($this->getJson("/api/people/{$person}/calendar")->json('lastReadAt'));
        $second = (string) parse_url((string) $this->postJson("/api/people/{$person}/calendar/address")->json('address'), PHP_URL_PATH);
        $this->call('GET', $path)->assertNotFound();
        $this->deleteJson("/api/people/{$person}/calendar/address")->assertOk()->assertJsonPath('subscribed', false);
        $this->call('GET', $second)->assertNotFound();
    }

    public function test_nothing_is_told_while_a_danger_sign_stands(): void
    {
        $person = $this->planned();
        $path = (string) parse_url((string) $this->postJson("/api/people/{$person}/calendar/address")->json('address'), PHP_URL_PATH);
        $this->postJson("/api/people/{$person}/screenings", self::answers('leg-pain'))->assertCreated();

        $this->getJson("/api/people/{$person}/calendar/file")->assertStatus(423);
        self::assertSame([], self::ids((string) $this->call('GET', $path)->assertOk()->getContent()));
    }

    public function test_times_out_of_order_and_other_nonsense_are_told(): void
    {
        $person = $this->planned();
        $times = ['version' => 0, 'morning' => '12:40', 'midday' => '12:30', 'evening' => '18:00', 'alarmMinutes' => null];
        $this->putJson("/api/people/{$person}/calendar", $times)->assertUnprocessable()->assertJsonPath('fields', ['evening' => ['The morning begins before midday, and midday before the evening.']]);
        $this->putJson("/api/people/{$person}/calendar", [...$times, 'morning' => '7 am'])->assertUnprocessable()->assertJsonPath('fields.morning', ['This has to be a time such as 07:30.']);
        $this->putJson("/api/people/{$person}/calendar", [...$times, 'morning' => '07:00'])->assertOk();
        $this->putJson("/api/people/{$person}/calendar", [...$times, 'morning' => '07:10'])->assertConflict();
    }

    /** @param array<string, mixed> $change */
    private function planned(array $change = []): string
    {
        $person = $this->person();
        foreach (['front-plank/forearms-knees', 'side-bridge/knees-bent', 'all-fours/leg-lift', 'press-out/standing'] as $rung) {
            $this->place($person, $rung);
        }
        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side']);
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'a', 'session' => $session, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => [], ...$change])->assertOk();

        return $person;
    }

    /** @return list<string> in UTC, between two dates */
    private static function instants(string $ics, string $from, string $until): array
    {
        $events = CalendarEvents::in($ics, new \DateTimeImmutable("{$from} UTC"), new \DateTimeImmutable("{$until} 23:59 UTC"));
        $instants = array_map(static fn(VEvent $event): string => (new \DateTimeImmutable(CalendarEvents::text($event, 'DTSTART')))->format('Y-m-d H:i'), $events);
        sort($instants);

        return $instants;
    }

    /** @return list<string> */
    private static function ids(string $ics): array
    {
        return array_values(array_unique(array_map(static fn(VEvent $event): string => CalendarEvents::text($event, 'UID'), CalendarEvents::in($ics))));
    }

    private static function sequence(string $ics): int
    {
        return max(0, ...array_map(static fn(VEvent $event): int => (int) CalendarEvents::text($event, 'SEQUENCE'), CalendarEvents::in($ics)));
    }
}
