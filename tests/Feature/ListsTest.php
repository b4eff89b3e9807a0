<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Records\PersonLines;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** What bench and lists show is kept beside the records, and says at every moment what the records say. */
final class ListsTest extends ApiTestCase
{
    private const PLANK = 'front-plank/forearms-knees';

    public function test_the_kept_line_is_what_the_records_say_after_every_kind_of_writing(): void
    {
        [$person, $placed, $session, $log, $decision] = [self::id(), self::id(), self::id(), self::id(), self::id()];
        $this->said(fn() => $this->postJson('/api/people', self::fields($person)), 201, 'Ask the danger signs');
        $this->said(fn() => $this->postJson("/api/people/{$person}/screenings", self::answers()), 201, 'Test and place');
        $this->said(fn() => $this->postJson("/api/people/{$person}/holds", ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => '']), 201, 'Place from the tests');
        $this->said(fn() => $this->postJson("/api/people/{$person}/placements", ['id' => $placed, 'rung' => 'press-out/standing', 'side' => 'both', 'reason' => '', 'far' => true]), 201, 'Write the session');
        $this->said(fn() => $this->deleteJson("/api/people/{$person}/placements/{$placed}"), 204, 'Place from the tests');
        $this->said(fn() => $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => self::PLANK, 'side' => 'both', 'reason' => '', 'far' => true]), 201, 'Write the session');
        $this->said(fn() => $this->postJson("/api/people/{$person}/sessions", ['id' => $session, 'version' => 0, 'title' => 'Lock-house floor', 'blocks' => self::blocks([self::PLANK => '2x20s'])]), 201, 'Coach');
        $sets = [self::set(self::PLANK, 1, 20, ['both' => 20, 'left' => null, 'right' => null]), self::set(self::PLANK, 2, 20, ['both' => 20, 'left' => null, 'right' => null, 'pain' => 6])];
        $this->said(fn() => $this->postJson("/api/people/{$person}/logs", ['id' => $log, 'session' => $session, 'seconds' => 120, 'sets' => $sets]), 201, 'Decide');
        $this->said(fn() => $this->postJson("/api/people/{$person}/decisions", ['id' => $decision, 'log' => $log, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stop-ladder', 'reason' => '']), 201, 'Coach');
        $this->said(fn() => $this->postJson("/api/people/{$person}/decisions/{$decision}/take-back"), 200, 'Decide');
        $this->said(fn() => $this->postJson("/api/people/{$person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => 'It was the old bruise.']), 201, 'Coach');
        $training = self::id();
        $tell = fn(array $event) => $this->postJson("/api/people/{$person}/trainings/{$training}", ['session' => $session, 'device' => self::id(), 'on' => '2026-06-01', 'byHand' => false, 'startedAt' => 1000 * now()->getTimestamp(), 'sentAt' => 1000 * now()->getTimestamp(), 'events' => [['id' => self::id(), 'instead' => [], 'moments' => [], ...$event]]]);
        $this->said(fn() => $tell(['kind' => 'set', 'item' => $sets[0]['item'], 'number' => 1, 'set' => $sets[0]]), 200, 'Coach');
        $this->said(fn() => $tell(['kind' => 'ended']), 200, 'Decide');
        $this->said(fn() => $this->postJson("/api/people/{$person}/decisions", ['id' => self::id(), 'log' => $training, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => 'Short today.']), 201, 'Coach');
        $this->said(fn() => $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $session, 'day' => 2, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []]), 200, 'Coach');
        $this->said(fn() => $this->postJson("/api/people/{$person}/mornings", ['id' => self::id(), 'log' => $training, 'ladder' => 'front-plank', 'pain' => 7, 'worse' => true]), 201, 'Decide');
        $this->said(fn() => $this->putJson("/api/people/{$person}", [...self::fields($person), 'version' => 1, 'name' => 'Corvin Strake the Younger', 'limits' => [['state' => 'shoulder-pain', 'side' => 'left', 'note' => '', 'since' => null, 'cleared' => false]]]), 200, 'Decide');
        $this->said(fn() => $this->postJson("/api/people/{$person}/screenings", self::answers('night-pain')), 201, 'Record the clearance');
        $this->said(fn() => $this->postJson("/api/people/{$person}/clearances", ['id' => self::id(), 'clinician' => 'Dr Mirren Oake', 'scope' => 'all', 'from' => '2026-06-01', 'until' => '2026-06-20']), 201, 'Decide');
        $this->said(fn() => $this->postJson("/api/people/{$person}/archive"), 200, null);
        $this->said(fn() => $this->deleteJson("/api/people/{$person}/archive"), 200, 'Decide');
    }

    public function test_a_line_says_what_comes_due_though_nobody_does_anything(): void
    {
        $person = $this->person();
        $this->postJson("/api/people/{$person}/holds", ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => ''])->assertCreated();
        $this->place($person, self::PLANK);
        $this->writtenSession($person, [self::PLANK => '2x20s']);
        $said = [];
        foreach (range(0, 100) as $days) {
            Carbon::setTestNow(Carbon::parse('2026-06-01 09:00:00')->addDays($days));
            $this->assertKept();
            $said[$this->line()['action']] ??= $days;
        }

        // A re-test is overdue after six weeks; the danger signs are asked for again after twelve, and come before it.
        self::assertSame(['Coach' => 0, 'Test again' => 43, 'Ask the danger signs' => 84], $said);
    }

    public function test_another_method_or_library_makes_the_lines_anew(): void
    {
        $person = $this->person();
        $this->place($person, self::PLANK);
        $this->assertKept();
        $made = fn(): string => (string) DB::table('person_lines')->where('person_id', $person)->value('stamp');
        foreach (['/api/method', '/api/method/mine'] as $address) {
            $before = $made();
            $this->putJson($address, ['version' => $this->getJson($address)->json('version'), 'question' => 'hold-strategy', 'answer' => 'hold-strategy/long'])->assertOk();
            self::assertSame([], $this->lines()->wrong($this->trainer), 'what is made anew before anybody sees it is not wrong');
            $this->assertKept();
            self::assertNotSame($before, $made(), $address);
        }
    }

    public function test_a_line_that_was_lost_or_is_wrong_is_found_and_made_anew(): void
    {
        $person = $this->person();
        DB::table('person_lines')->where('person_id', $person)->update(['urgency' => 9]);
        self::assertSame([$person], $this->lines()->wrong($this->trainer));
        self::assertSame(1, Artisan::call('records:check'));

        self::assertSame(0, Artisan::call('records:rebuild'));
        self::assertSame(0, Artisan::call('records:check'));
        DB::table('person_words')->limit(1)->delete();
        self::assertSame(1, Artisan::call('records:check'), 'whoever looks for that word finds nobody');
        self::assertSame(0, Artisan::call('records:rebuild'));
        self::assertSame(0, Artisan::call('records:check'));
        DB::table('person_lines')->delete();
        DB::table('practices')->update(['lines_fresh' => '']);
        $this->assertKept();
    }

    public function test_what_is_refused_leaves_nothing_behind(): void
    {
        $person = $this->person();
        $this->place($person, self::PLANK);
        $before = $this->records($person);

        $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'front-plank/nowhere', 'side' => 'both', 'reason' => '', 'far' => true])->assertStatus(422);
        $this->postJson("/api/people/{$person}/decisions", ['id' => self::id(), 'log' => self::id(), 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stay', 'reason' => ''])->assertConflict();
        // What only asks by POST writes nothing either, and waits for nobody.
        $this->postJson("/api/people/{$person}/sessions/preview", ['minutes' => null, 'blocks' => self::blocks([self::PLANK => '2x20s'])])->assertOk();
        self::assertSame($before, $this->records($person));
        $this->place($person, 'press-out/standing');
        self::assertGreaterThan($before, $this->records($person));
    }

    public function test_where_the_database_fails_while_the_line_is_made_the_writing_is_not_said_to_be_kept(): void
    {
        $person = $this->person();
        DB::connection()->beforeExecuting(static function (string $query): void {
            if (str_contains($query, 'from `plans`')) {
                throw new QueryException('mariadb', $query, [], new \PDOException('Got error 28 from storage engine'));
            }
        });
        $this->postJson("/api/people/{$person}/soreness", ['id' => self::id(), 'ofTen' => 3])->assertStatus(500);

        self::assertSame(0, DB::table('soreness_answers')->count());
    }

    private function records(string $person): mixed
    {
        return DB::table('people')->where('id', $person)->value('records');
    }

    public function test_a_hundred_and_twenty_people_come_page_by_page_each_once(): void
    {
        $this->many(120);
        foreach (['/api/bench' => 'lines', '/api/people' => 'people'] as $address => $list) {
            $seen = [];
            $next = null;
            do {
                $answer = $this->getJson($address.($next === null ? '' : '?after='.rawurlencode($next)))->assertOk();
                $page = (array) $answer->json("{$list}.*.name");
                self::assertLessThanOrEqual(30, count($page));
                array_push($seen, ...$page);
                $next = $answer->json('next');
            } while (is_string($next));
            self::assertCount(120, array_unique($seen), $address);
            $sorted = $seen;
            sort($sorted);
            self::assertSame($sorted, $seen, 'by name, where all are as urgent');
        }
    }

    public function test_people_are_found_by_the_beginnings_of_words_with_and_without_their_marks(): void
    {
        $this->many(3);
        $this->person(['name' => 'Ánné-Lise Torvane', 'about' => 'viola (and fiddle) player']);
        $found = fn(string $typed): array => (array) $this->getJson('/api/people?q='.rawurlencode($typed))->assertOk()->json('people.*.name');

        foreach (['torv', 'anne', 'ÁNN', 'lise tor', 'tor lise', 'fidd', 'play vio'] as $typed) {
            self::assertSame(['Ánné-Lise Torvane'], $found($typed), $typed);
        }
        foreach (['orvane', 'torvane x', 'iddle', '100%', '_'] as $typed) {
            self::assertNotContains('Ánné-Lise Torvane', $typed === '_' ? [] : $found($typed), $typed);
        }
        self::assertCount(4, $found(''));
        $this->getJson('/api/people?show=nonsense')->assertUnprocessable();
        $this->getJson('/api/people?q='.str_repeat('a', 121))->assertUnprocessable();
    }

    /** @param \Closure(): \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> $write */
    private function said(\Closure $write, int $status, ?string $action): void
    {
        Carbon::setTestNow(Carbon::now()->addSecond());
        $write()->assertStatus($status);
        self::assertSame([], $this->lines()->wrong($this->trainer), 'in the same transaction, before anybody asked');
        self::assertSame($action, $this->line()['action'] ?? null);
    }

    private function assertKept(): void
    {
        // As in every request, the practice is read anew.
        $this->lines();
        $this->getJson('/api/bench')->assertOk()->assertJsonPath('old', 0);
        self::assertSame([], $this->lines()->wrong($this->trainer));
    }

    /** @return array<string, mixed> the one line of the bench */
    private function line(): array
    {
        $line = $this->getJson('/api/bench')->assertOk()->json('lines.0');

        return is_array($line) ? $line : [];
    }

    private function lines(): PersonLines
    {
        $by = User::query()->findOrFail($this->trainer->id);
        $this->actingAs($this->trainer = $by);

        return app(PersonLines::class);
    }

    private function many(int $count): void
    {
        for ($n = 0; $n < $count; $n++) {
            $id = self::id();
            DB::table('people')->insert(['id' => $id, 'practice_id' => $this->trainer->practice_id, 'name' => sprintf('Person %03d', ($n * 37) % $count), 'about' => 'made up', 'aim' => 'even', 'training_days' => '[1]', 'minutes' => 20, 'places' => '[]', 'place' => 0, 'version' => 1]);
        }
        $this->lines()->freshen($this->trainer, null);
    }
}
