<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is sent may be anything: it gets a sentence, is never stored to break a page later, and takes no time. */
final class HostileTest extends ApiTestCase
{
    private const EVIL = [
        true, false, null, '', '3', 'true', -1, 0, 1.5, 1e308, PHP_INT_MAX, -PHP_INT_MAX, '0x10', [], [[]], ['a' => 1], [null], [[[[[[]]]]]],
        '9999-12-27', '9999-12-31', '0000-00-00', '2026-02-30', '1899-12-31', "a\u{202e}b", '💥', '../../etc', '<script>', '%s%n', "' OR 1=1", '{{7*7}}', '2x10/left +9 right 45cm', 'max~1<=1',
    ];

    /** @return iterable<string, array{string, string, array<string, mixed>}> path, field, change of a sound plan or program */
    public static function storedOnce(): iterable
    {
        $move = ['slot' => 'a', 'monday' => '2026-06-01', 'day' => 3, 'part' => null, 'placement' => null, 'effort' => null];
        yield 'a day as text' => ['weeks', 'moves.0.day', ['moves' => [['day' => '3'] + $move]]];
        yield 'a day that is true' => ['weeks', 'moves.0.day', ['moves' => [['day' => true] + $move]]];
        yield 'an effort that is true' => ['weeks', 'moves.0.effort', ['moves' => [['effort' => true] + $move]]];
        yield 'a week at the end of time' => ['weeks', 'slots.0.only', ['slots' => [['id' => 'a', 'session' => self::id(), 'day' => 3, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => '9999-12-31']]]];
        yield 'a program at the end of time' => ['program', 'wish.start', ['start' => '9999-12-27']];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('storedOnce')]
    public function test_what_was_stored_once_and_broke_every_page_is_refused_at_its_place(string $what, string $field, array $change): void
    {
        $person = $this->person();
        $answer = $what === 'weeks'
            ? $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [], 'moves' => [], 'away' => [], ...$change])
            : $this->postJson("/api/people/{$person}/programs", ['id' => self::id(), 'replaces' => null, 'mondays' => null, 'why' => '', 'wish' => self::wish($change)]);

        $answer->assertUnprocessable();
        self::assertArrayHasKey($field, (array) $answer->json('fields'));
    }

    public function test_a_list_without_end_is_measured_before_its_entries_are_looked_at(): void
    {
        $person = $this->person();
        $answer = $this->postJson("/api/people/{$person}/screenings", [...self::answers(), 'signs' => array_fill(0, 20_000, 'fever')])->assertUnprocessable();

        self::assertSame(['signs'], array_keys((array) $answer->json('fields')), 'the list, and none of its entries');
    }

    public function test_what_is_too_long_too_deep_or_no_text_is_refused_before_it_is_read(): void
    {
        $send = fn(string $body) => $this->call('POST', '/api/people', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);

        $send('['.str_repeat('[],', 3_000_000).'[]]')->assertStatus(413)->assertJsonPath('code', 'too-long');
        $send(str_repeat('[', 100).str_repeat(']', 100))->assertUnprocessable()->assertJsonPath('code', 'unreadable');
        $send('{"name": "a\\u0000b"}')->assertUnprocessable()->assertJsonPath('code', 'unreadable');
        $send("{\"name\": \"\xc3\x28\"}")->assertUnprocessable()->assertJsonPath('code', 'unreadable');
        $send('{"name": ')->assertUnprocessable()->assertJsonPath('code', 'unreadable');
    }

    public function test_one_persons_bad_row_takes_neither_the_bench_nor_the_list_down(): void
    {
        $sound = $this->person();
        $bad = $this->person(['name' => 'Ilse Torvane']);
        DB::table('people')->where('id', $bad)->update(['aim' => 'what no version ever knew']);
        DB::table('person_lines')->delete();
        DB::table('practices')->update(['lines_fresh' => '']);

        $lines = array_column((array) $this->getJson('/api/bench')->assertOk()->json('lines'), null, 'id');
        self::assertStringContainsString('cannot be read just now. Nothing is lost; quote ', (string) $lines[$bad]['sentence']);
        self::assertStringNotContainsString('cannot be read', (string) $lines[$sound]['sentence']);
        $people = array_column((array) $this->getJson('/api/people')->assertOk()->json('people'), 'about', 'id');
        self::assertStringContainsString('quote ', (string) $people[$bad]);
        self::assertSame('canal lock keeper', $people[$sound]);
    }

    /** Seeded; `bin/fuzz` runs as many as one likes. */
    public function test_no_input_fails_the_server_or_breaks_what_is_read_afterwards(): void
    {
        // So many at once would be slowed down, and nothing of them read.
        $this->withoutMiddleware(ThrottleRequests::class);
        $count = (int) (getenv('FUZZ_COUNT') ?: 1500);
        $chance = new Randomizer(new Mt19937((int) (getenv('FUZZ_SEED') ?: 1)));
        $person = $this->person(['places' => [['name' => 'here', 'kit' => ['mat', 'band', 'wheel'], 'weights' => '4, 8']]]);
        foreach (['press-out/standing', 'side-bridge/knees-bent', 'rollout/wheel-30'] as $rung) {
            $this->place($person, $rung);
        }
        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side', 'side-bridge/knees-bent' => '2x20s/side +1 left']);
        $failed = $statuses = [];
        [$slowest, $of] = [0.0, ''];
        for ($sent = 0; $sent < $count; $sent++) {
            $asked = $this->asked($person, $session);
            [$method, $path, $body] = $asked[$chance->getInt(0, count($asked) - 1)];
            for ($changes = $chance->getInt(1, 3); $changes > 0; $changes--) {
                $body = self::spoilt($body, $chance);
            }
            $began = microtime(true);
            $status = $this->call($method, $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR))->getStatusCode();
            if (microtime(true) - $began > $slowest) {
                [$slowest, $of] = [microtime(true) - $began, "{$method} {$path} ".mb_substr((string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 160)];
            }
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            if ($status >= 500) {
                $failed[] = "{$status} {$method} {$path} ".mb_substr((string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 400);
            }
        }
        self::assertSame([], array_slice($failed, 0, 5), count($failed).' of '.$count.' failed');
        foreach (['bench', 'people', "people/{$person}", "people/{$person}/board", "people/{$person}/checks", "people/{$person}/sessions", "people/{$person}/weeks/2026-06-01", "people/{$person}/program", "people/{$person}/review", "people/{$person}/method", "people/{$person}/sessions/next-doses"] as $path) {
            self::assertContains($this->call('GET', "/api/{$path}", server: ['HTTP_ACCEPT' => 'application/json'])->getStatusCode(), [200, 423], "/api/{$path} after all of it");
        }
        if (getenv('FUZZ_COUNT') !== false) {
            ksort($statuses);
            printf("%d sent: %s; slowest %.2f s: %s\n", $count, implode(', ', array_map(static fn(int $status, int $times): string => "{$times} × {$status}", array_keys($statuses), $statuses)), $slowest, $of);
        }
    }

    /** @return list<array{string, string, array<string, mixed>}> method, path, a sound body */
    private function asked(string $person, string $session): array
    {
        $set = self::set('press-out/standing', 1, 10, ['painPlace' => 'shoulder', 'rung' => 'press-out/standing', 'dose' => '2x10/side']);
        $slot = ['id' => 'a', 'session' => $session, 'day' => 3, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => '2026-06-01'];
        $at = "/api/people/{$person}";

        return [
            ['POST', '/api/people', self::fields(self::id())],
            ['PUT', $at, [...self::fields($person), 'version' => 1, 'limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => '', 'since' => null, 'cleared' => false]], 'week' => [['what' => 'endurance', 'heavy' => false, 'day' => 2, 'part' => 'evening', 'every' => 1, 'from' => null]]]],
            ['POST', "{$at}/screenings", self::answers()],
            ['POST', "{$at}/clearances", ['id' => self::id(), 'clinician' => 'A. Clinician', 'scope' => 'all', 'from' => '2026-06-01', 'until' => '2026-07-01']],
            ['POST', "{$at}/placements", ['id' => self::id(), 'rung' => 'rollout/wheel-30', 'side' => 'both', 'range' => '45cm', 'reason' => '', 'far' => true]],
            ['POST', "{$at}/allowances", ['id' => self::id(), 'rung' => 'front-plank/hands-toes', 'reason' => 'mine']],
            ['PUT', "{$at}/marks", ['rung' => 'press-out/standing', 'target' => 10, 'reason' => 'mine']],
            ['PUT', "{$at}/set-ups", ['rung' => 'press-out/standing', 'text' => 'mine', 'version' => 0]],
            ['POST', "{$at}/holds", ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => '']],
            ['POST', "{$at}/brace", ['id' => self::id(), 'samples' => [], 'seconds' => 40]],
            ['PUT', "{$at}/sessions/{$session}", ['id' => $session, 'version' => 1, 'title' => 'Mine', 'minutes' => null, 'blocks' => self::blocks(['press-out/standing' => '2x10/side'])]],
            ['POST', "{$at}/sessions/preview", ['minutes' => null, 'blocks' => self::blocks(['press-out/standing' => '2x10/side', 'rollout/wheel-30' => '2x6 45cm'])]],
            ['POST', "{$at}/sessions/text", ['text' => 'plank 2x20s; 2x{ dead-bug 10/side; bridge 10 } r45']],
            ['POST', "{$at}/sessions/start", ['from' => 'board']],
            ['PUT', "{$at}/weeks/2026-06-01", ['version' => 0, 'slots' => [$slot], 'moves' => [['slot' => 'a', 'monday' => '2026-06-01', 'day' => 4, 'part' => 'morning', 'placement' => null, 'effort' => null]], 'away' => ['2026-06-05']]],
            ['POST', "{$at}/program/proposal", ['wish' => self::wish()]],
            ['POST', "{$at}/programs", ['id' => self::id(), 'replaces' => null, 'mondays' => null, 'why' => '', 'wish' => self::wish()]],
            ['POST', "{$at}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'moments' => [0, 60, 300], 'painBefore' => [['place' => 'shoulder', 'side' => 'left', 'pain' => 2]], 'sets' => [$set]]],
            ['POST', "{$at}/trainings/".self::id(), ['session' => $session, 'device' => self::id(), 'on' => '2026-06-01', 'byHand' => false, 'startedAt' => 1_780_000_000_000, 'sentAt' => 1_780_000_600_000, 'events' => [
                ['id' => self::id(), 'kind' => 'set', 'instead' => [], 'moments' => [0, 60], 'item' => $set['item'], 'number' => 1, 'set' => $set],
                ['id' => self::id(), 'kind' => 'before', 'instead' => [], 'moments' => [], 'before' => [['place' => 'shoulder', 'side' => 'left', 'pain' => 2]]],
                ['id' => self::id(), 'kind' => 'ended', 'instead' => [], 'moments' => [120]],
            ]]],
            ['POST', "{$at}/soreness", ['id' => self::id(), 'ofTen' => 2]],
            ['PUT', '/api/method/mine', ['version' => 0, 'question' => null, 'answer' => 'effort/reserve']],
            ['PUT', "{$at}/method/own", ['version' => 0, 'question' => 'effort', 'answer' => null]],
        ];
    }

    /**
     * One place of a body made worse: another value, no value, one more, or a list far too long.
     *
     * @param array<array-key, mixed> $body
     *
     * @return array<array-key, mixed>
     */
    private static function spoilt(array $body, Randomizer $chance): array
    {
        $keys = array_keys($body);
        if ($keys === []) {
            return [self::EVIL[$chance->getInt(0, count(self::EVIL) - 1)]];
        }
        $key = $keys[$chance->getInt(0, count($keys) - 1)];
        if (is_array($body[$key]) && $body[$key] !== [] && $chance->getInt(0, 3) > 0) {
            return [...$body, $key => self::spoilt($body[$key], $chance)];
        }
        $evil = self::EVIL[$chance->getInt(0, count(self::EVIL) - 1)];

        return match ($chance->getInt(0, 9)) {
            0 => array_diff_key($body, [$key => true]),
            1 => [...$body, 'more' => $evil],
            2 => [...$body, $key => str_repeat('aé 1', $chance->getInt(1, 2000))],
            3 => [...$body, $key => array_fill(0, $chance->getInt(1, 1500), $evil)],
            default => array_replace($body, [$key => $evil]),
        };
    }
}
