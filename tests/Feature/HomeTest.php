<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Home\HomeDoor;
use App\Models\HomeDevice;
use App\Models\HomeLink;
use App\Models\Person;
use App\Models\PersonLimit;
use EvenRungs\Screening\DangerSign;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** A link opens one person's own page and nothing else; what they do and feel at home comes back to their trainer. */
final class HomeTest extends HomeTestCase
{
    public function test_a_link_is_kept_as_a_hash_and_opens_the_persons_page_once_it_is_exchanged_for_a_cookie(): void
    {
        $token = $this->link();
        self::assertMatchesRegularExpression('/^[A-Za-z0-9]{40}$/', $token);
        self::assertStringNotContainsString($token, (string) json_encode(DB::table('home_links')->get()));

        $this->get("/h/{$token}")->assertOk()->assertCookieMissing(HomeDoor::COOKIE);
        self::assertSame(0, DB::table('home_devices')->count(), 'what only looks at the address, as a preview of a message does, is no device');
        $opened = $this->open($token);
        foreach ([$opened, $this->get('/home'), $this->getJson('/api/home')] as $answer) {
            self::assertSame(['no-referrer', 'noindex, nofollow', 'no-store, private'], array_map(static fn(string $header): string => (string) $answer->headers->get($header), ['Referrer-Policy', 'X-Robots-Tag', 'Cache-Control']));
        }
        $page = $this->getJson('/api/home')->assertOk()->assertJsonPath('name', 'Corvin Strake')->assertJsonPath('practice', 'Tarn Row Movement Room')->assertJsonPath('now.id', $this->session);
        self::assertStringContainsString('no-store', (string) $page->headers->get('Cache-Control'));
        foreach (['concerts', 'tour', 'rist pain'] as $private) {
            self::assertStringNotContainsString($private, (string) $page->getContent());
            self::assertStringNotContainsString($private, (string) $this->getJson("/api/home/sessions/{$this->session}/cues")->assertOk()->assertJsonPath('cautions', [])->getContent());
        }
        $this->assertGuest();
        self::assertSame('[]', json_encode(DB::table('sessions')->get()));
    }

    public function test_it_opens_nothing_else_and_nothing_of_anybody_else(): void
    {
        $other = $this->person();
        $this->place($other, self::RUNG);
        $theirs = $this->writtenSession($other, [self::RUNG => '2x10/side']);
        $this->open($this->link());

        $this->getJson("/api/home/sessions/{$theirs}/cues")->assertNotFound();
        $this->tell(self::id(), $theirs)->assertNotFound();
        $this->postJson('/api/home/not-today', ['id' => self::id(), 'session' => $theirs, 'on' => '2026-06-01', 'reason' => 'time'])->assertNotFound();
        foreach (["/api/people/{$this->person}", "/api/people/{$this->person}/board", '/api/bench', '/api/people', '/api/me'] as $desk) {
            $this->getJson($desk)->assertUnauthorized()->assertJsonPath('code', 'signed-out');
        }
    }

    public function test_what_a_squad_does_together_is_done_alone_only_where_it_stands_in_their_week(): void
    {
        $this->deleteJson("/api/people/{$this->person}/sessions/{$this->session}")->assertNoContent();
        $this->postJson('/api/squads', ['id' => $squad = self::id(), 'name' => 'Fell rescue', 'people' => [$this->person]])->assertCreated();
        $together = $this->postJson("/api/squads/{$squad}/sessions")->assertOk()->json('members.0.session');
        $this->open($this->link());
        $this->getJson('/api/home')->assertOk()->assertJsonPath('now', null);

        $this->actingAs($this->trainer);
        $this->putJson("/api/people/{$this->person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'x', 'session' => $together, 'day' => 1, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->getJson('/api/home')->assertOk()->assertJsonPath('now.id', $together)->assertJsonPath('now.meets', null);
    }

    public function test_a_day_on_which_their_squad_meets_says_so_at_home(): void
    {
        $this->postJson('/api/squads', ['id' => $squad = self::id(), 'name' => 'Fell rescue', 'people' => [$this->person]])->assertCreated();
        $view = $this->getJson("/api/squads/{$squad}")->assertOk();
        $meets = [['day' => 1, 'part' => 'evening', 'time' => '19:00', 'effort' => 6], ['day' => 4, 'part' => 'evening', 'time' => null, 'effort' => 6]];
        $this->putJson("/api/squads/{$squad}", ['version' => 1, 'name' => 'Fell rescue', 'members' => [['person' => $this->person, 'here' => true]], 'stations' => array_column((array) $view->json('stations'), 'ladder'), 'work' => 30, 'change' => 30, 'rounds' => 2, 'roundRest' => 60, 'kit' => null, 'meets' => $meets])->assertOk();
        $this->open($this->link());
        $home = $this->getJson('/api/home')->assertOk()->assertJsonPath('now.title', 'Fell rescue')->assertJsonPath('now.on', '2026-06-01')->assertJsonPath('now.meets', 'at 19:00');
        self::assertSame(['at 19:00', 'in the evening'], array_values(array_filter(array_column((array) $home->json('week'), 'meets'))));
        $this->postJson('/api/home/not-today', ['id' => self::id(), 'session' => $home->json('now.id'), 'on' => '2026-06-01', 'reason' => 'time', 'text' => null])->assertOk();
        $this->actingAs($this->trainer);
        $this->getJson("/api/people/{$this->person}/weeks/2026-06-01")->assertOk()->assertJsonCount(1, 'asked');
    }

    public function test_what_was_done_at_home_is_a_log_that_says_so_and_waits_for_the_trainer(): void
    {
        $this->open($this->link());
        $this->tell($training = self::id())->assertOk()->assertJsonPath('log.sets', 2);
        $this->getJson('/api/home')->assertJsonPath('now.isDone', true);
        $this->getJson("/api/home/trainings/{$training}")->assertOk()->assertJsonPath('sets', 2);

        $this->actingAs($this->trainer);
        $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.rung', self::RUNG)->assertJsonPath('pending.0.besides.0', 'Done at home, and told by the person.');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.id', $this->person);
        self::assertSame([[1, 1]], [[DB::table('trainings')->value('at_home'), DB::table('session_logs')->value('at_home')]]);
    }

    public function test_the_next_morning_is_asked_for_and_what_was_climbed_is_shown(): void
    {
        $this->open($this->link());
        $this->tell($log = self::id());
        $this->getJson('/api/home')->assertJsonPath('morning', null)->assertJsonPath('climbs', []);

        $this->travel(1)->days();
        $this->getJson('/api/home')->assertJsonPath('morning.log', $log);
        $event = ['id' => self::id(), 'kind' => 'morning', 'instead' => [], 'moments' => [], 'other' => $log, 'pains' => [['place' => 'low-back', 'side' => null, 'pain' => 3, 'worse' => true]]];
        $now = 1000 * now()->getTimestamp();
        $this->postJson('/api/home/trainings/'.self::id(), ['session' => $this->session, 'device' => self::id(), 'on' => '2026-06-02', 'byHand' => false, 'startedAt' => $now, 'sentAt' => $now, 'events' => [$event]])->assertOk()->assertJsonPath('taken', [$event['id']]);
        $this->getJson('/api/home')->assertJsonPath('morning', null);

        $this->actingAs($this->trainer);
        $review = $this->getJson("/api/people/{$this->person}/review")->assertJsonPath('pending.0.morningPain', 3);
        $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'side' => $review->json('pending.0.side'), 'choice' => 'climb', 'reason' => 'The morning was from lifting hives.'])->assertCreated();
        Auth::logout();
        session()->flush();
        $this->getJson('/api/home')->assertJsonPath('climbs.0.on', '2026-06-02');
    }

    public function test_what_comes_from_home_changes_no_rung_no_plan_and_no_limit(): void
    {
        $tables = ['placements', 'plans', 'person_limits', 'training_sessions', 'decisions', 'rung_allowances', 'programs'];
        $before = array_map(static fn(string $table): string => (string) json_encode(DB::table($table)->get()), $tables);
        $this->open($this->link());
        $this->tell(self::id(), null, 9)->assertOk();
        $this->postJson('/api/home/not-today', ['id' => self::id(), 'session' => $this->session, 'on' => '2026-06-02', 'reason' => 'time', 'text' => null])->assertOk();
        $this->postJson('/api/home/words', ['id' => self::id(), 'text' => 'Move me up, please.'])->assertOk();
        $this->postJson('/api/home/no-messages')->assertOk();

        self::assertSame($before, array_map(static fn(string $table): string => (string) json_encode(DB::table($table)->get()), $tables));
    }

    public function test_what_hurt_is_not_asked_again_before_the_trainer_has_seen_it(): void
    {
        $this->atTheDesk();
        $session = $this->writtenSession($this->person, [self::RUNG => '2x10/side', 'dead-bug/both-arms-reach' => '2x8']);
        $this->open($this->link());
        $cues = "/api/home/sessions/{$session}/cues";
        $names = fn(string $path): array => array_values(array_unique(array_column((array) $this->getJson($path)->assertOk()->json('ways'), 'rung')));
        self::assertContains(self::RUNG, $names($cues));
        $this->tell(self::id(), $session, 7)->assertOk();

        self::assertNotContains(self::RUNG, $names($cues));
        $this->getJson($cues)->assertJsonPath('cautions', ['“Press-out, standing” is left out until your trainer has seen what you told.'])->assertJsonPath('leftOut', []);
        self::assertContains(self::RUNG, $names("{$cues}?done=yes"), 'what was done without the device can be told');
        $this->getJson("/api/home/sessions/{$this->session}/cues")->assertConflict()->assertJsonPath('code', 'not-today');

        $this->atTheDesk();
        self::assertStringContainsString('waits for a decision. Pain 7 of 10', self::text($this->getJson("/api/people/{$this->person}/sessions/{$session}/cues")->json('leftOut.0.sentence')));
        self::assertStringContainsString('waits for a decision', self::text($this->getJson("/api/people/{$this->person}/sessions/{$session}/sheet")->json('leftOut.0.sentence')));
        $pending = $this->getJson("/api/people/{$this->person}/review")->json('pending.0');
        self::assertIsArray($pending);
        $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $pending['log'], 'ladder' => 'press-out', 'side' => $pending['side'], 'choice' => 'stay', 'reason' => 'It was the old bruise.'])->assertCreated();
        Auth::logout();
        session()->flush();
        self::assertContains(self::RUNG, $names($cues));
    }

    public function test_at_home_a_dose_that_was_too_much_comes_down_and_says_so(): void
    {
        $this->open($this->link());
        $this->tell(self::id(), null, 4)->assertOk();

        $cues = $this->getJson("/api/home/sessions/{$this->session}/cues")->assertOk()->assertJsonPath('ways.0.dose', '2x8/side');
        self::assertSame(['“Press-out, standing” for now: 2 × 8 each side, less than was written.'], $cues->json('cautions'));
        $this->getJson("/api/home/sessions/{$this->session}/cues?done=yes")->assertJsonPath('ways.0.dose', '2x10/side')->assertJsonPath('cautions', []);
        $this->atTheDesk();
        $this->getJson("/api/people/{$this->person}/sessions/{$this->session}")->assertJsonPath('preview.blocks.0.items.0.dose', '2x10/side');
    }

    public function test_at_home_nobody_is_asked_again_for_what_they_came_down_from_though_nothing_lower_is_open(): void
    {
        $this->atTheDesk();
        $session = $this->writtenSession($this->person, [self::RUNG => '2x10/side', 'dead-bug/both-arms-reach' => '2x8']);
        $this->place($this->person, 'press-out/half-kneeling-wide', reason: 'The last repetitions were not hers.');
        PersonLimit::query()->create(['id' => self::id(), 'person_id' => $this->person, 'state' => 'kneeling-pain', 'side' => 'both', 'note' => '', 'since' => '2026-06-01', 'cleared' => false]);
        Person::query()->findOrFail($this->person)->update(['places' => [['name' => 'home', 'kit' => ['band', 'mat']]]]);
        DB::table('people')->where('id', $this->person)->increment('records');
        $this->open($this->link());

        $cues = $this->getJson("/api/home/sessions/{$session}/cues")->assertOk()->assertJsonPath('cautions', ['“Press-out, standing” is left out for now: ask your trainer what comes in its place.']);
        self::assertSame(['dead-bug'], array_values(array_unique(array_map(static fn(mixed $rung): string => explode('/', self::text($rung))[0], (array) $cues->json('ways.*.rung')))));
        $this->getJson("/api/home/sessions/{$this->session}/cues")->assertConflict()->assertJsonPath('code', 'not-today');
    }

    public function test_at_home_a_hold_written_before_a_limit_is_cut_up_and_the_limit_is_not_named(): void
    {
        $this->atTheDesk();
        $this->place($this->person, 'front-plank/forearms-bench');
        $session = $this->writtenSession($this->person, ['front-plank/forearms-bench' => '2x30s']);
        PersonLimit::query()->create(['id' => self::id(), 'person_id' => $this->person, 'state' => 'raised-pressure', 'side' => 'both', 'note' => '', 'since' => '2026-06-01', 'cleared' => true]);
        DB::table('people')->where('id', $this->person)->increment('records');
        $this->getJson("/api/people/{$this->person}/sessions/{$session}")->assertJsonPath('preview.blocks.0.items.0.dose', '2x30s');
        $this->open($this->link());

        $cues = $this->getJson("/api/home/sessions/{$session}/cues")->assertOk()->assertJsonPath('ways.0.dose', '2x(3x10s/5)');
        self::assertSame(['“Front plank, forearms on a bench” for now: 2 × (3 holds of 10 s, 5 s between), in shorter holds than was written.'], $cues->json('cautions'));
    }

    public function test_a_danger_sign_ticked_at_home_closes_training_on_every_path_and_is_first_on_the_bench(): void
    {
        $this->open($this->link());
        $this->postJson('/api/home/signs', ['id' => self::id(), 'signs' => []])->assertUnprocessable();
        $told = $this->postJson('/api/home/signs', ['id' => self::id(), 'signs' => [DangerSign::LegWeakness->value]])->assertOk()->assertJsonPath('now', null)->assertJsonPath('week', []);
        self::assertStringContainsString('call the emergency services', (string) $told->json('closed'));
        $this->getJson("/api/home/sessions/{$this->session}/cues")->assertStatus(423);

        $this->actingAs($this->trainer);
        $this->getJson("/api/people/{$this->person}/sessions/{$this->session}/cues")->assertStatus(423);
        $this->getJson('/api/bench')->assertJsonPath('lines.0.id', $this->person)->assertJsonPath('lines.0.status', 'stop');
    }

    public function test_links_that_do_not_open_all_say_the_same(): void
    {
        $token = $this->link();
        foreach ([null, strrev($token)] as $mistyped) {
            $this->away();
            if ($mistyped !== null) {
                $this->postJson('/api/home/open', ['token' => $mistyped])->assertNoContent()->assertCookieMissing(HomeDoor::COOKIE);
            }
            $this->closed();
        }
        $this->open($token);
        $this->getJson('/api/home')->assertOk();
        $this->travel(HomeLink::WEEKS * 7 + 1)->days();
        $this->closed();
        Carbon::setTestNow('2026-06-01 09:00:00');

        $this->getJson('/api/home')->assertOk();
        $this->actingAs($this->trainer);
        $this->deleteJson("/api/people/{$this->person}/home-links")->assertOk()->assertJsonPath('until', null)->assertJsonPath('devices', []);
        Auth::logout();
        $this->closed();

        $this->open($this->link());
        $this->actingAs($this->trainer);
        $this->postJson("/api/people/{$this->person}/archive")->assertOk();
        Auth::logout();
        $this->closed();
    }

    public function test_a_second_device_asks_for_the_code_its_trainer_sees_and_is_not_let_in_by_guesses(): void
    {
        $token = $this->link();
        $this->open($token);
        $this->getJson('/api/home')->assertOk();
        $this->open($token);
        self::assertSame(1, HomeDevice::query()->withoutGlobalScopes()->count(), 'opened once more on the same device');

        $this->away();
        $this->open($token);
        $this->getJson('/api/home')->assertUnauthorized()->assertJsonPath('code', 'home-code');
        $code = $this->codeSeen();
        for ($guess = 0; $guess < HomeDevice::TRIES; $guess++) {
            $this->postJson('/api/home/code', ['code' => $code === '000000' ? '000001' : '000000'])->assertUnprocessable()->assertJsonPath('fields.code.0', 'This is not the code. Ask your trainer for it once more.');
        }
        $this->postJson('/api/home/code', ['code' => $code])->assertUnauthorized();

        $this->away();
        $this->open($token);
        $this->postJson('/api/home/code', ['code' => 'a guess'])->assertUnprocessable()->assertJsonPath('fields.code.0', 'The code has six figures.');
        $code = $this->codeSeen();
        $this->postJson('/api/home/code', ['code' => substr($code, 0, 3).' '.substr($code, 3)])->assertNoContent();
        $this->getJson('/api/home')->assertOk();
    }

    public function test_a_phone_five_years_off_tells_of_today_and_a_session_that_was_let_go_of_counts_all_the_same(): void
    {
        $this->open($this->link());
        $this->atTheDesk();
        $this->deleteJson("/api/people/{$this->person}/sessions/{$this->session}")->assertNoContent();
        Auth::logout();
        session()->flush();
        $off = 1000 * now()->subYears(5)->getTimestamp();
        $set = ['id' => self::id(), 'kind' => 'set', 'instead' => [], 'moments' => [60], 'item' => str_replace('/', '-', self::RUNG), 'number' => 1, 'set' => [...self::set(self::RUNG, 1, 10), 'rung' => self::RUNG, 'dose' => '2x10/side']];
        $this->postJson('/api/home/trainings/'.self::id(), ['session' => $this->session, 'device' => self::id(), 'on' => '2021-06-01', 'byHand' => false, 'startedAt' => $off, 'sentAt' => $off, 'events' => [$set, ['id' => self::id(), 'kind' => 'ended', 'instead' => [], 'moments' => []]]])->assertOk()->assertJsonPath('on', '2026-06-01')->assertJsonPath('log.sets', 1);
    }

    public function test_what_was_begun_at_the_desk_stays_told_there_whoever_ends_it(): void
    {
        $now = 1000 * now()->getTimestamp();
        $this->atTheDesk();
        $this->postJson("/api/people/{$this->person}/trainings/".($training = self::id()), ['session' => $this->session, 'device' => self::id(), 'on' => '2026-06-01', 'byHand' => false, 'startedAt' => $now, 'sentAt' => $now, 'events' => []])->assertOk();
        $this->open($this->link());
        $this->tell($training)->assertOk();
        self::assertSame([0, 0], [DB::table('trainings')->value('at_home'), DB::table('session_logs')->value('at_home')]);
    }

    public function test_a_renewed_link_opens_longer_on_the_device_that_has_it(): void
    {
        $this->open($this->link());
        $this->travel(80)->days();
        $this->atTheDesk();
        $this->putJson("/api/people/{$this->person}/home-links")->assertOk()->assertJsonPath('until', '2026-11-12');
        Auth::logout();
        session()->flush();
        $cookie = $this->getJson('/api/home')->assertOk()->getCookie(HomeDoor::COOKIE);
        self::assertGreaterThan(now()->addDays(80)->getTimestamp(), $cookie?->getExpiresTime());
        $this->travel(80)->days();
        $this->getJson('/api/home')->assertOk();
    }

    public function test_what_to_do_follows_the_sign(): void
    {
        $this->open($this->link());
        self::assertStringContainsString('call the emergency services now', self::text($this->postJson('/api/home/signs', ['id' => self::id(), 'signs' => [DangerSign::SaddleNumbness->value]])->assertOk()->json('closed')));
    }

    public function test_the_session_says_what_is_needed_and_the_words_are_explained(): void
    {
        $this->open($this->link());
        $page = $this->getJson('/api/home')->assertJsonPath('now.exercises', 1);
        self::assertStringContainsString('band', self::text($page->json('now.kitText')));
        self::assertContains('effort', array_column((array) $page->json('terms'), 'value'));
    }

    public function test_tries_are_limited(): void
    {
        for ($try = 0; $try < 20; $try++) {
            $this->postJson('/api/home/open', ['token' => str_repeat((string) ($try % 10), 40)])->assertNoContent();
        }
        $this->postJson('/api/home/open', ['token' => str_repeat('x', 40)])->assertTooManyRequests();
    }
}
