<?php

declare(strict_types=1);

namespace Tests\Feature;

final class BraceTest extends ApiTestCase
{
    public function test_readings_come_to_time_in_band_and_are_kept_until_taken_back(): void
    {
        $person = $this->person();
        $body = ['id' => self::id(), 'samples' => array_map(static fn(int $second): array => ['ms' => $second * 1000, 'mmHg' => 40.4], range(0, 60))];
        $this->postJson("/api/people/{$person}/brace/preview", $body)->assertOk()->assertJsonPath('secondsInBand', 60)->assertJsonPath('held', true);
        $this->postJson("/api/people/{$person}/brace", $body)->assertCreated()->assertJsonPath('sentence', '60 of 60 s in the band. The brace holds while the breath goes on.');

        $this->getJson("/api/people/{$person}/checks")->assertOk()->assertJsonPath('braces.0.found.longestInBand', 60);
        $this->deleteJson("/api/people/{$person}/brace/{$body['id']}")->assertNoContent();
        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('braces', []);
    }

    public function test_too_little_and_backwards_readings_are_refused(): void
    {
        $person = $this->person();
        $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [['ms' => 0, 'mmHg' => 40]]])->assertUnprocessable()->assertJsonPath('fields.samples.0', 'The cuff has said too little: at least two readings are needed.');
        $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [['ms' => 900, 'mmHg' => 40], ['ms' => 0, 'mmHg' => 40]]])->assertUnprocessable()->assertJsonPath('code', 'brace');
    }

    public function test_the_page_may_speak_to_the_simulated_cuff_where_there_is_one_and_to_nothing_else(): void
    {
        $policy = fn(): string => (string) $this->get('/')->headers->get('Content-Security-Policy');
        $cuff = fn(): mixed => $this->getJson("/api/people/{$this->person()}/checks")->assertOk()->json('braceBand.cuff');
        config(['cuff.address' => null]);
        self::assertStringNotContainsString('connect-src', $policy());
        self::assertNull($cuff());

        config(['cuff.address' => 'ws://127.0.0.1:9400']);
        self::assertStringContainsString("connect-src 'self' ws://127.0.0.1:9400;", $policy());
        self::assertSame('ws://127.0.0.1:9400', $cuff());
    }

    public function test_a_minute_timed_by_hand_is_kept_without_readings(): void
    {
        $person = $this->person();
        $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [], 'seconds' => 61])->assertUnprocessable();
        $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [], 'seconds' => 45])->assertCreated();

        $this->getJson("/api/people/{$person}/checks")->assertJsonPath('braces.0.found.held', false)
            ->assertJsonPath('braces.0.found.reason.sentence', 'Braced and breathing quietly for 45 of 60 s, timed by hand. Stopped before the minute: foundation work first.');
    }

    public function test_a_brace_timed_by_hand_counts_in_the_starts_and_opens_what_stands_on_it(): void
    {
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'activation-before/closed'])->assertOk();
        $person = $this->person();
        $slide = ['blocks' => self::blocks(['leg-slide/flat-slide' => '2x6/side'])];
        $refused = $this->postJson("/api/people/{$person}/placements", ['id' => self::id(), 'rung' => 'leg-slide/flat-slide', 'side' => 'both', 'reason' => '', 'far' => true])->assertUnprocessable();
        self::assertStringContainsString('opens once “All-round brace, breathing on” is done', (string) $refused->json('fields.rung.0'));

        $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [], 'seconds' => 60])->assertCreated();
        self::assertSame('activation/deep-back-supine', $this->getJson("/api/people/{$person}/checks")->assertOk()->json('starts.0.rung'));
        $this->place($person, 'leg-slide/flat-slide');
        $preview = $this->postJson("/api/people/{$person}/sessions/preview", $slide)->assertOk();
        self::assertSame([], $preview->json('blocks.0.items.0.warnings'), 'planning knows that the brace held');
    }
}
