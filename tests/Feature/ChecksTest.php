<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** From a test to a first rung, over HTTP. */
final class ChecksTest extends ApiTestCase
{
    public function test_a_hold_is_kept_once_compared_and_can_be_taken_back(): void
    {
        $person = $this->person(['sex' => 'female', 'birthYear' => 2000]);
        $id = $this->hold($person, 'back-extensor', 'both', 189);
        $this->postJson("/api/people/{$person}/holds", [...self::written('back-extensor', 'both', 189), 'id' => $id])->assertCreated();

        $hold = $this->testOf($person, 'back-extensor')['sides'][0];
        self::assertSame([189, 189, 50], [$hold['last'], $hold['best'], $hold['percentile']]);
        self::assertSame(['mean' => 189, 'sd' => 60, 'detectable' => 28.8], $hold['norm']);
        self::assertCount(1, $hold['history']);

        $this->deleteJson("/api/people/{$person}/holds/{$id}")->assertNoContent();
        self::assertNull($this->testOf($person, 'back-extensor')['sides'][0]['last']);
        self::assertSame(1, DB::table('holds')->count(), 'taken back, not deleted');

        $this->postJson("/api/people/{$person}/taken-back/holds/{$id}")->assertNoContent();
        self::assertSame($hold, $this->testOf($person, 'back-extensor')['sides'][0], 'and it can be brought back');
        $this->postJson("/api/people/{$person}/taken-back/climbs/{$id}")->assertNotFound();
        $this->postJson("/api/people/{$person}/taken-back/decisions/{$id}")->assertNotFound();
    }

    /** @return iterable<string, array{string, string, int, string}> */
    public static function impossible(): iterable
    {
        yield 'no time' => ['front-plank', 'both', 0, 'A hold of 0 s is no hold: leave it out, or test an easier version.'];
        yield 'three hours' => ['front-plank', 'both', 10_800, '“Front plank, toes” is stopped at 600 s; 10800 s cannot be right.'];
        yield 'no side' => ['side-plank', 'both', 30, '“Side plank” is tested left and right, one after the other.'];
        yield 'a test left open for a day' => ['one-leg-bridge', 'left', 86_400, '“One-leg bridge” is stopped at 600 s; 86400 s cannot be right.'];
    }

    #[DataProvider('impossible')]
    public function test_a_hold_that_cannot_be_gets_a_sentence_and_is_not_kept(string $kind, string $side, int $seconds, string $sentence): void
    {
        $person = $this->person();

        $this->postJson("/api/people/{$person}/holds", self::written($kind, $side, $seconds))->assertUnprocessable()->assertJsonPath('sentence', $sentence);
        self::assertSame(0, DB::table('holds')->count());
    }

    public function test_a_hold_that_a_limit_rules_out_is_refused_and_says_which(): void
    {
        $person = $this->person(['limits' => [['state' => 'shoulder-pain', 'side' => 'left', 'note' => '']]]);

        $this->postJson("/api/people/{$person}/holds", self::written('side-plank', 'left', 20))->assertUnprocessable()->assertJsonPath('fields.kind.0', '“Side plank” is not tested: shoulder pain, left; it loads the shoulder.');
        $this->hold($person, 'side-plank', 'right', 20);
        $sides = $this->testOf($person, 'side-plank')['sides'];
        self::assertSame('noted on Monday 1 June', $sides[0]['ruledOut']['inputs'][1]['value'], 'where the limit comes from');
        self::assertNull($sides[1]['ruledOut']);
    }

    public function test_a_climb_goes_up_rung_by_rung_and_ends_on_the_last_clean_one(): void
    {
        $person = $this->person();
        $next = fn(array $trials, ?string $guess = null): array => (array) $this->postJson("/api/people/{$person}/climbs/next", self::climbing($trials, $guess))->assertOk()->json();

        self::assertSame('front-plank/forearms-wall', $next([])['next']);
        self::assertSame('front-plank/forearms-knees', $next([], 'front-plank/forearms-toes')['next'], 'two rungs below the guess');
        $step = $next([self::clean('forearms-knees')]);
        self::assertSame(['front-plank/forearms-low-step', '10 s', 10], [$step['next'], $step['doseText'], $step['holdSeconds']]);
        self::assertContains('ribs', array_column($step['questions'], 'value'));

        $this->postJson("/api/people/{$person}/climbs", self::climbing([self::clean('forearms-knees')]))->assertUnprocessable()->assertJsonPath('fields.trials.0', 'The test is not over yet: try the next rung, or leave it.');
        $trials = [self::clean('forearms-knees'), ['rung' => 'front-plank/forearms-low-step', 'faults' => ['ribs'], 'pain' => 0]];
        self::assertSame('front-plank/forearms-knees', $next($trials)['workingRung']);
        self::assertSame([true, false], $next($trials)['clean'], 'what was clean is said, not worked out on the screen');
        $this->postJson("/api/people/{$person}/climbs", self::climbing($trials))->assertCreated();

        $checks = $this->getJson("/api/people/{$person}/checks")->assertOk();
        self::assertSame('front-plank/forearms-knees', $checks->json('climbs.0.workingRung'));
        $front = collect($this->starts($person))->firstWhere('ladder', 'front-plank');
        self::assertSame('front-plank/forearms-knees', $front['rung'] ?? null);
        self::assertStringContainsString('The gate: ribs stay down.', (string) $checks->json('climbs.0.sentence'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badClimbs(): iterable
    {
        yield 'a ladder nobody knows' => [['ladder' => 'sky'], 'ladder'];
        yield 'one rung twice' => [['trials' => [self::clean('forearms-wall'), self::clean('forearms-wall')]], 'trials.0.rung'];
        yield 'a question that is not asked' => [['trials' => [['rung' => 'front-plank/forearms-wall', 'faults' => ['hair'], 'pain' => 0]]], 'trials.0.faults.0'];
        yield 'pain of eleven' => [['trials' => [['rung' => 'front-plank/forearms-wall', 'faults' => [], 'pain' => 11]]], 'trials.0.pain'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badClimbs')]
    public function test_a_climb_that_cannot_be_is_refused(array $change, string $field): void
    {
        $person = $this->person();
        $answer = $this->postJson("/api/people/{$person}/climbs/next", [...self::climbing([]), ...$change])->assertUnprocessable();

        self::assertArrayHasKey($field, (array) $answer->json('fields'));
    }

    public function test_21_each_start_says_the_dose_it_begins_with_each_side_by_its_own_test(): void
    {
        $person = $this->person();
        $this->hold($person, 'side-plank', 'left', 22);
        $this->hold($person, 'side-plank', 'right', 12);
        $this->hold($person, 'front-plank', 'both', 15);

        $doses = [];
        foreach ($this->starts($person) as $start) {
            $doses["{$start['ladder']} {$start['side']}"] = $start['dose'];
        }
        self::assertSame('3 × (3 holds of 10 s, 5 s between)', $doses['front-plank both']);
        self::assertSame(['2 × 15 s each side', '2 × 5 s each side'], [$doses['side-bridge left'], $doses['side-bridge right']]);
    }

    public function test_starts_come_weakest_first_and_are_accepted_by_placing(): void
    {
        $person = $this->person();
        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('starts', []);
        $this->hold($person, 'front-plank', 'both', 40);
        $starts = $this->starts($person);
        self::assertGreaterThan(10, count($starts));

        $this->travel(1)->seconds();
        foreach ($starts as $start) {
            $this->place($person, $start['rung'], $start['side']);
        }
        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('starts', []);
        $this->travel(1)->seconds();
        $this->hold($person, 'front-plank', 'both', 12);
        self::assertSame([['front-plank/forearms-knees', 'front-plank/tight-plank']], array_map(static fn(array $start): array => [$start['rung'], $start['standsOn']], $this->starts($person)), 'a newer test of one ladder speaks of that one');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Write the session');
    }

    public function test_a_danger_sign_closes_every_test(): void
    {
        $person = $this->person();
        $this->postJson("/api/people/{$person}/screenings", self::answers('leg-pain'))->assertCreated();

        $this->getJson("/api/people/{$person}/checks")->assertStatus(423);
        $this->postJson("/api/people/{$person}/holds", self::written('front-plank', 'both', 30))->assertStatus(423);
        $this->postJson("/api/people/{$person}/climbs/next", self::climbing([]))->assertStatus(423);
        $this->postJson("/api/people/{$person}/climbs", self::climbing([self::clean('forearms-wall')]))->assertStatus(423);
    }

    public function test_nobody_is_tested_before_the_danger_signs_were_asked_for(): void
    {
        $this->postJson('/api/people', self::fields($person = self::id()))->assertCreated();

        $this->getJson("/api/people/{$person}/checks")->assertStatus(423)->assertJsonPath('code', 'not-asked');
        $this->postJson("/api/people/{$person}/holds", self::written('front-plank', 'both', 30))->assertStatus(423);
    }

    public function test_a_retest_shows_on_the_bench_when_it_is_overdue(): void
    {
        $person = $this->person();
        $this->hold($person, 'front-plank', 'both', 40);
        $this->place($person, 'front-plank/forearms-toes');
        $this->travelTo('2026-07-14 09:00:00');

        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Test again')->assertJsonPath('lines.0.sentence', 'Last tested 6 weeks ago: a re-test is overdue.');
        $this->getJson('/api/people')->assertJsonPath('people.0.flags', ['due']);
    }

    private function hold(string $person, string $kind, string $side, int $seconds): string
    {
        $body = self::written($kind, $side, $seconds);
        $this->postJson("/api/people/{$person}/holds", $body)->assertCreated();

        return $body['id'];
    }

    /** @return array{id: string, kind: string, side: string, seconds: int, end: string, note: string} */
    private static function written(string $kind, string $side, int $seconds): array
    {
        return ['id' => self::id(), 'kind' => $kind, 'side' => $side, 'seconds' => $seconds, 'end' => 'form-lost', 'note' => ''];
    }

    /** @return array{sides: list<array<string, mixed>>} */
    private function testOf(string $person, string $kind): array
    {
        foreach ((array) $this->getJson("/api/people/{$person}/checks")->assertOk()->json('holds') as $test) {
            if (is_array($test) && $test['kind'] === $kind) {
                /** @var array{sides: list<array<string, mixed>>} $test */
                return $test;
            }
        }
        self::fail("No test {$kind}.");
    }

    /** @return list<array{ladder: string, side: string, rung: string, standsOn: string|null, dose: string}> */
    private function starts(string $person): array
    {
        /** @var list<array{ladder: string, side: string, rung: string, standsOn: string|null, dose: string}> */
        return $this->getJson("/api/people/{$person}/checks")->assertOk()->json('starts');
    }

    /** @return array{rung: string, faults: list<string>, pain: int} */
    private static function clean(string $rung): array
    {
        return ['rung' => "front-plank/{$rung}", 'faults' => [], 'pain' => 0];
    }

    /**
     * @param array<mixed> $trials
     *
     * @return array<string, mixed>
     */
    private static function climbing(array $trials, ?string $guess = null): array
    {
        return ['id' => self::id(), 'ladder' => 'front-plank', 'side' => 'both', 'guess' => $guess, 'trials' => $trials];
    }
}
