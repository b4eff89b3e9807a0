<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** What is said between a person at home and their trainer beside what was done: not today, a few words, and silence. */
final class HomeNotesTest extends HomeTestCase
{
    public function test_not_today_is_a_request_that_changes_nothing_and_for_which_core_finds_another_day(): void
    {
        $this->plan([1, 4]);
        $this->open($this->link());
        $this->getJson('/api/home')->assertJsonPath('now.on', '2026-06-01')->assertJsonPath('now.asked', null);
        $plan = DB::table('plans')->first();
        $this->notToday('time')->assertOk()->assertJsonPath('now.asked', 'no time')->assertJsonPath('week.0.asked', 'no time')->assertJsonPath('week.1.asked', null);
        self::assertEquals($plan, DB::table('plans')->first());

        $this->atTheDesk();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'Not on Monday 1 June, “Lock-house floor”: no time. “The hives swarm.”')->assertJsonPath('lines.0.action', 'Find another day')->assertJsonPath('lines.0.step', 'week');
        $week = $this->getJson("/api/people/{$this->person}/weeks/2026-06-01")->assertJsonCount(1, 'asked')->assertJsonPath('asked.0.slot', 'slot-1')->assertJsonPath('asked.0.isAskedAbout', false);
        self::assertStringStartsWith('Move “Lock-house floor” to ', self::text($week->json('asked.0.repair.label')));
        self::assertGreaterThan(1, $week->json('asked.0.repair.edits.0.day'));

        $this->getJson("/api/people/{$this->person}/weeks/2026-06-08")->assertJsonPath('asked', [])->assertJsonPath('askedElsewhere.0.monday', '2026-06-01');
        $this->postJson("/api/people/{$this->person}/home-notes/{$week->json('asked.0.note')}/settle", ['text' => 'Wednesday then.'])->assertOk()->assertJsonPath('notes.0.kind', 'answer')->assertJsonPath('notes.1.isWaiting', false);
        $this->getJson("/api/people/{$this->person}/weeks/2026-06-01")->assertJsonPath('asked', []);
        $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'coach');
        Auth::logout();
        session()->flush();
        $this->getJson('/api/home')->assertJsonPath('now.asked', null)->assertJsonPath('answers.0.text', 'Wednesday then.')->assertJsonPath('answers.0.isNew', true);
        $this->getJson('/api/home')->assertJsonPath('answers.0.isNew', false);
    }

    public function test_something_that_hurts_is_asked_about_before_another_day_is_found(): void
    {
        $this->plan([1, 4]);
        $this->open($this->link());
        $this->notToday('pain')->assertOk();

        $this->atTheDesk();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.action', 'Read it')->assertJsonPath('lines.0.step', 'review');
        $this->getJson("/api/people/{$this->person}/weeks/2026-06-01")->assertJsonPath('asked.0.isAskedAbout', true);
    }

    public function test_said_again_it_is_one_request_and_done_all_the_same_it_is_none(): void
    {
        $this->plan([1, 4]);
        $this->open($this->link());
        $this->notToday('time');
        $this->notToday('tired')->assertJsonPath('now.asked', 'too tired');
        $this->atTheDesk();
        $this->getJson("/api/people/{$this->person}/weeks/2026-06-01")->assertJsonCount(1, 'asked');
        Auth::logout();
        session()->flush();

        $this->tell(self::id())->assertOk();
        $this->atTheDesk();
        $this->getJson("/api/people/{$this->person}/home-notes")->assertJsonPath('notes.0.isWaiting', false)->assertJsonPath('notes.1.isWaiting', false);
    }

    public function test_own_words_come_to_the_bench_and_are_answered(): void
    {
        $this->open($this->link());
        $this->postJson('/api/home/words', ['id' => self::id(), 'text' => ''])->assertUnprocessable()->assertJsonPath('fields.text.0', 'Write a few words first.');
        $this->postJson('/api/home/words', ['id' => self::id(), 'text' => str_repeat('a', 2001)])->assertUnprocessable()->assertJsonPath('fields.text.0', 'At most 2000 characters: nothing was sent.');
        $this->postJson('/api/home/words', ['id' => $id = self::id(), 'text' => str_repeat('The arm shakes. ', 125)])->assertOk();
        $this->postJson('/api/home/words', ['id' => $id, 'text' => str_repeat('The arm shakes. ', 125)])->assertOk();
        self::assertStringNotContainsString('shakes', (string) json_encode([DB::table('home_notes')->get(), DB::table('person_lines')->get()]));

        $this->atTheDesk();
        $line = $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'review');
        self::assertStringStartsWith('Wrote from home: “The arm shakes.', self::text($line->json('lines.0.sentence')));
        $note = $this->getJson("/api/people/{$this->person}/home-notes")->assertJsonCount(1, 'notes')->json('notes.0.id');
        $this->postJson("/api/people/{$this->person}/home-notes/".self::text($note).'/settle', ['text' => ''])->assertOk()->assertJsonCount(1, 'notes');
        $this->postJson("/api/people/{$this->person}/home-notes", ['id' => self::id(), 'text' => 'Well done.'])->assertCreated()->assertJsonPath('notes.0.text', 'Well done.')->assertJsonPath('notes.0.isSeen', false);
    }

    public function test_that_nothing_came_for_ten_days_is_told_once_there_is_something_to_come(): void
    {
        $this->link();
        $this->atTheDesk();
        $this->travel(11)->days();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'coach');
        $this->plan([1, 4]);
        $this->atTheDesk();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'Nothing has come from home since Monday 1 June.')->assertJsonPath('lines.0.action', 'Ask how it goes');
        $this->getJson("/api/people/{$this->person}/home-notes")->assertJsonPath('quiet', 'Nothing has come from home since Monday 1 June.');
    }

    public function test_the_line_of_the_bench_changes_on_the_day_the_silence_is_too_long(): void
    {
        $this->plan([1, 4]);
        $this->link();
        $this->atTheDesk();
        $this->travel(9)->days();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'coach');
        $this->travel(1)->days();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'review');
    }

    public function test_a_typing_error_is_corrected_and_what_was_told_stays_beside_it(): void
    {
        $this->open($this->link());
        $this->tell($log = self::id(), null, 8)->assertOk();
        $this->atTheDesk();
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.proposed', 'stop-ladder');
        $events = DB::table('training_events')->where('training_id', $log)->count();
        $sets = $this->getJson("/api/people/{$this->person}/logs/{$log}/sets")->assertOk()->assertJsonPath('atHome', true)->assertJsonCount(2, 'sets')->assertJsonPath('sets.0.pain', 8);
        foreach ([0, 1] as $at) {
            $this->correct($log, $sets->json("sets.{$at}"), ['pain' => 0])->assertCreated()->assertJsonPath("sets.{$at}.pain", 0)->assertJsonPath("sets.{$at}.was.0", 'left 10 · right 10 · clean · pain 8 · effort 7 (until Monday 1 June)');
        }
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.proposed', 'stay')->assertJsonPath('pending.0.evidence.0.pain', 0);
        self::assertSame($events + 2, DB::table('training_events')->where('training_id', $log)->count(), 'what was told stays');
        $this->correct($log, $sets->json('sets.0'), ['pain' => 11])->assertUnprocessable()->assertJsonPath('fields.pain.0', 'Pain goes from 0 to 10.');
        $this->correct($log, $sets->json('sets.0'), ['item' => 'nothing'])->assertNotFound();
    }

    /** @param array<string, mixed> $right
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function correct(string $log, mixed $set, array $right): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/logs/{$log}/corrections", [...array_intersect_key((array) $set, array_flip(['item', 'set', 'both', 'left', 'right', 'pain', 'effort'])), 'id' => self::id(), ...$right]);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function notToday(string $reason): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/home/not-today', ['id' => self::id(), 'session' => $this->session, 'on' => '2026-06-01', 'reason' => $reason, 'text' => 'The hives swarm.']);
    }
}
