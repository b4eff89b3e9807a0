<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A creation is once, and the same: what a device sends again after a lost answer doubles nothing and swallows nothing. */
final class TakenOnceTest extends ApiTestCase
{
    private const PLANK = 'front-plank/forearms-knees';

    public function test_every_creation_sent_twice_is_one_and_something_else_under_its_number_is_refused(): void
    {
        $person = $this->person();
        $other = $this->person(['name' => 'Ilse Torvane']);
        $this->place($person, self::PLANK);
        $session = $this->writtenSession($person, [self::PLANK => '1x20s']);
        $log = ['id' => self::id(), 'session' => $session, 'seconds' => 120, 'sets' => [self::set(self::PLANK, 1, 20, ['both' => 20, 'left' => null, 'right' => null])]];
        // Address, table, what is sent, and what differs the other time.
        $creations = [
            ['screenings', 'screenings', self::answers(), ['asked' => 'guardian']],
            ['clearances', 'clearances', ['id' => self::id(), 'clinician' => 'Dr Mirren Oake', 'scope' => 'all', 'from' => '2026-06-01', 'until' => '2026-06-20'], ['until' => '2026-09-20']],
            ['holds', 'holds', ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => ''], ['seconds' => 90]],
            ['placements', 'placements', ['id' => self::id(), 'rung' => 'press-out/standing', 'side' => 'both', 'reason' => '', 'far' => true], ['rung' => 'press-out/seated']],
            ['sessions', 'training_sessions', ['id' => self::id(), 'version' => 0, 'title' => 'Lock-house floor', 'blocks' => self::blocks([self::PLANK => '1x20s'])], ['title' => 'Another']],
            ['logs', 'session_logs', $log, ['seconds' => 900]],
            ['mornings', 'mornings', ['id' => self::id(), 'log' => $log['id'], 'ladder' => 'front-plank', 'pain' => 0, 'worse' => false], ['pain' => 9]],
            ['decisions', 'decisions', ['id' => self::id(), 'log' => $log['id'], 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => ''], ['reason' => 'Another one.']],
            ['soreness', 'soreness_answers', ['id' => self::id(), 'ofTen' => 2], ['ofTen' => 8]],
            ['programs', 'programs', ['id' => self::id(), 'wish' => self::wish(), 'replaces' => null, 'mondays' => null, 'why' => ''], ['why' => 'Another']],
        ];
        foreach ($creations as [$address, $table, $sent, $differs]) {
            $before = DB::table($table)->count();
            $this->postJson("/api/people/{$person}/{$address}", $sent)->assertCreated();
            $this->postJson("/api/people/{$person}/{$address}", array_reverse($sent, true))->assertCreated();
            $kept = DB::table($table)->where('id', $sent['id'])->first();

            $this->postJson("/api/people/{$person}/{$address}", [...$sent, ...$differs])->assertConflict()->assertJsonPath('code', 'other-content');
            $this->postJson("/api/people/{$other}/{$address}", $sent)->assertConflict();
            self::assertSame($before + 1, DB::table($table)->count(), $address);
            self::assertEquals($kept, DB::table($table)->where('id', $sent['id'])->first(), $address);
        }
        self::assertSame(1, DB::table('set_logs')->count());

        // A year and more later nothing is remembered but what was created: it is not created again, and not lost.
        $kept = static fn(): array => array_map(static fn(string $table): int => DB::table($table)->count(), array_column($creations, 1));
        [$before, $known] = [$kept(), DB::table('takings')->count()];
        DB::table('takings')->where('taken_at', '<', now()->addSecond())->limit($known - 1)->update(['taken_at' => now()->subDays(401)]);
        self::assertSame(0, Artisan::call('takings:let-go'));
        self::assertSame(1, DB::table('takings')->count());
        DB::table('takings')->delete();
        foreach ($creations as [$address, , $sent]) {
            self::assertLessThan(500, $this->postJson("/api/people/{$person}/{$address}", $sent)->getStatusCode(), $address);
        }
        self::assertSame($before, $kept());
    }

    public function test_somebody_is_added_once_and_a_stranger_learns_nothing_of_numbers_that_are_taken(): void
    {
        $fields = self::fields(self::id());
        $this->postJson('/api/people', $fields)->assertCreated();
        $this->postJson('/api/people', $fields)->assertCreated();
        $this->postJson('/api/people', [...$fields, 'name' => 'Somebody else'])->assertConflict();
        self::assertSame(['Corvin Strake'], DB::table('people')->pluck('name')->all());

        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));
        $same = $this->postJson('/api/people', $fields)->assertConflict();
        self::assertStringNotContainsString('Corvin', (string) $same->getContent());
        self::assertSame(1, DB::table('people')->count());
    }

    public function test_a_change_sent_again_after_a_lost_answer_is_known_as_ones_own(): void
    {
        $person = $this->person();
        $this->place($person, self::PLANK);
        $session = $this->writtenSession($person, [self::PLANK => '1x20s']);
        $ladder = (array) $this->getJson('/api/ladders/squat')->assertOk()->json('document');
        $slot = ['id' => 'x', 'session' => $session, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null];
        foreach ([
            ["/api/people/{$person}", [...self::fields($person), 'version' => 1, 'name' => 'Corvin the Younger', 'notes' => 'Prefers mornings.'], ['name' => 'Corvin the Elder']],
            ["/api/people/{$person}/sessions/{$session}", ['id' => $session, 'version' => 1, 'title' => 'Twice', 'blocks' => self::blocks([self::PLANK => '2x20s'])], ['title' => 'Thrice']],
            ["/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [$slot], 'moves' => [], 'away' => []], ['away' => ['2026-06-05']]],
            ["/api/people/{$person}/set-ups", ['version' => 0, 'rung' => self::PLANK, 'text' => 'Pad under the elbows.'], ['text' => 'No pad.']],
            ["/api/people/{$person}/contact", ['version' => 0, 'mail' => 'corvin@home.example', 'phone' => null, 'byMail' => true, 'byText' => false, 'reminders' => true, 'mornings' => true, 'agreed' => true], ['mornings' => false]],
            ["/api/people/{$person}/calendar", ['version' => 0, 'morning' => '06:45', 'midday' => '12:30', 'evening' => '19:15', 'alarmMinutes' => 10], ['evening' => '20:00']],
            ['/api/method', ['version' => 1, 'answer' => 'effort/near-the-limit'], ['answer' => 'effort/reserve']],
            ['/api/method/mine', ['version' => 0, 'answer' => 'effort/reserve'], ['answer' => 'effort/near-the-limit']],
            ["/api/people/{$person}/method/own", ['version' => 0, 'answer' => 'effort/reserve'], ['answer' => 'effort/near-the-limit']],
            ['/api/ladders/squat', ['version' => 0, 'document' => $ladder], ['document' => [...$ladder, 'name' => 'Squats']]],
        ] as [$address, $sent, $differs]) {
            $this->putJson($address, $sent)->assertOk();
            $version = $this->putJson($address, $sent)->assertOk()->json('version');
            self::assertSame($sent['version'] + 1, $version, $address);
            $this->putJson($address, [...$sent, ...$differs])->assertConflict()->assertJsonPath('code', 'changed-meanwhile');
        }
    }
}
