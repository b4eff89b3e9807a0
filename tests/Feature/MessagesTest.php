<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Messages\HomeNotice;
use App\Messages\SendMessage;
use App\Models\HomeLink;
use App\Models\HomeMessage;
use Illuminate\Http\Client\Request;
use Illuminate\Mail\MailManager;
use Illuminate\Notifications\ChannelManager;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** People are written to in the ways they agreed to, at decent hours, once of each thing; and one press ends it. */
final class MessagesTest extends HomeTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Notification::fake();
        config(['messages.text.url' => 'http://127.0.0.1:1/texts', 'messages.text.key' => 'a key']);
        $this->atTheDesk();
    }

    public function test_nobody_is_written_to_without_having_agreed(): void
    {
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertConflict()->assertJsonPath('code', 'not-agreed');
        $this->contact(['agreed' => false])->assertUnprocessable()->assertJsonPath('fields.agreed.0', 'Nobody is written to without having agreed: ask, and note it here.');
        $this->contact(['mail' => 'no address'])->assertUnprocessable()->assertJsonPath('fields.mail.0', 'This is no mail address.');
        $this->contact(['mail' => null])->assertUnprocessable()->assertJsonPath('fields.mail.0', 'Mail needs an address.');
        $this->contact(['byText' => true])->assertUnprocessable()->assertJsonPath('fields.phone.0', 'Texts need a number.');
        $this->contact()->assertOk()->assertJsonPath('agreedOn', '2026-06-01')->assertJsonPath('version', 1);
        $this->contact(['mornings' => false])->assertConflict()->assertJsonPath('present.mail', 'corvin@home.example');
        self::assertStringNotContainsString('corvin', (string) json_encode(DB::table('home_contacts')->get()));
    }

    public function test_a_link_is_sent_with_a_token_of_its_own_that_waits_nowhere(): void
    {
        $this->contact(['phone' => '+43 600 0000', 'byText' => true]);
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        self::assertSame(2, HomeLink::query()->withoutGlobalScopes()->count(), 'a letter and a text, each with its own');
        $sent = $this->sent();
        self::assertCount(2, $sent);
        self::assertCount(2, array_unique(array_map(self::token(...), $sent)));
        foreach ($sent as $text) {
            self::assertStringContainsString('Hello Corvin,', $text);
            self::assertStringNotContainsString('Strake', $text);
            self::assertStringNotContainsString(self::token($text), (string) json_encode([DB::table('home_links')->get(), DB::table('home_messages')->get(), DB::table('jobs')->get()]));
        }
        Auth::logout();
        session()->flush();
        $this->open(self::token($sent[0]));
        $this->getJson('/api/home')->assertOk()->assertJsonPath('isWritten', true);
    }

    public function test_a_text_is_one_form_to_one_address(): void
    {
        Http::fake(['*' => Http::response('', 200)]);
        Notification::swap(new \Illuminate\Notifications\ChannelManager($this->app));
        $this->contact(['byMail' => false, 'phone' => '+43 600 0000', 'byText' => true]);
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        Http::assertSent(static fn(Request $request): bool => $request->method() === 'POST' && $request->isForm() && $request->hasHeader('Authorization', 'Bearer a key') && $request['to'] === '+43 600 0000' && str_contains(self::text($request['text']), '/h/'));
        self::assertNotNull(HomeMessage::query()->value('sent_at'));
    }

    public function test_a_message_that_does_not_arrive_is_tried_again_then_told_on_the_bench_until_it_is_seen_to(): void
    {
        Http::fake(['*' => Http::response('', 503)]);
        Notification::swap(new \Illuminate\Notifications\ChannelManager($this->app));
        $this->contact(['byMail' => false, 'phone' => '+43 600 0000', 'byText' => true]);
        Queue::fake();
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        $job = $this->pushed();
        self::assertSame([5, [10, 60, 300, 900]], [$job->tries, $job->backoff]);
        try {
            app()->call([$job, 'handle']);
            self::fail('a refused text is no sent one');
        } catch (\Illuminate\Http\Client\RequestException) {
            self::assertSame(0, HomeLink::query()->count(), 'a link that nobody got opens nothing');
        }
        $job->failed();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'A message did not reach them.')->assertJsonPath('lines.0.step', 'review');
        $message = self::text($this->getJson("/api/people/{$this->person}/home-notes")->assertJsonPath('undelivered.0.way', 'text')->json('undelivered.0.id'));
        $this->postJson("/api/people/{$this->person}/home-messages/{$message}/settle")->assertOk()->assertJsonPath('undelivered', []);
        $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'coach');
    }

    public function test_what_the_queue_gives_up_is_told_on_the_bench_and_kept_nowhere_with_who_was_written_to(): void
    {
        Notification::swap(new ChannelManager($this->app));
        Mail::swap(new MailManager(app()));
        config(['queue.default' => 'database', 'mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 1]);
        $this->contact();
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        for ($try = 1; $try <= 5; $try++) {
            self::assertSame(1, DB::table('jobs')->count(), "before try {$try}");
            Artisan::call('queue:work', ['--once' => true, '--quiet' => true]);
            $this->travel(20)->minutes();
        }
        self::assertSame([0, 0], [DB::table('jobs')->count(), count(resolve('queue.failer')->all())]);
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'A message did not reach them.');
    }

    public function test_messages_go_at_decent_hours_of_the_practice(): void
    {
        Queue::fake();
        $this->contact();
        // 22:30 in the practice’s zone.
        $this->travelTo('2026-06-01 20:30:00');
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        self::assertSame('2026-06-02 06:00:00', HomeMessage::query()->firstOrFail()->due_at->utc()->format('Y-m-d H:i:s'));
        Queue::assertPushed(SendMessage::class, static fn(SendMessage $job): bool => $job->delay !== null);

        config(['messages.at_once' => true]);
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        self::assertSame('2026-06-01 20:30:00', HomeMessage::query()->orderBy('due_at')->firstOrFail()->due_at->utc()->format('Y-m-d H:i:s'));
    }

    public function test_on_training_days_one_reminder_goes_out_and_none_on_others_nor_where_training_is_closed(): void
    {
        $this->plan([1, 2]);
        $this->link();
        $this->atTheDesk();
        $this->contact();
        Artisan::call('home:round');
        Artisan::call('home:round', ['--again' => true]);
        self::assertSame(['training 2026-06-01'], $this->kinds());
        self::assertStringContainsString('your session waits for you today', $this->sent()[0]);

        $this->travelTo('2026-06-02 05:30:00');
        Artisan::call('home:round');
        self::assertSame(['training 2026-06-01'], $this->kinds(), 'before eight nobody is written to');
        $this->postJson("/api/people/{$this->person}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->travelTo('2026-06-02 07:00:00');
        Artisan::call('home:round');
        self::assertSame(['training 2026-06-01'], $this->kinds());
    }

    public function test_the_morning_after_is_asked_for_by_message_where_that_was_agreed(): void
    {
        $this->open($this->link());
        $this->tell($log = self::id());
        $this->atTheDesk();
        $this->contact(['reminders' => false]);
        $this->travel(1)->days();
        Artisan::call('home:round');
        self::assertSame(["morning {$log}"], $this->kinds());
        $this->travel(1)->days();
        Artisan::call('home:round');
        self::assertSame(["morning {$log}"], $this->kinds());
    }

    public function test_a_stage_and_words_of_the_trainer_are_told_too(): void
    {
        $this->contact();
        $this->postJson("/api/people/{$this->person}/sessions/{$this->session}/stages", ['id' => $stage = self::id(), 'kind' => 're-test', 'after' => 'days', 'count' => 2, 'item' => null, 'rung' => null, 'dose' => null, 'message' => 'On Tuesday we look how far you hold.'])->assertCreated();
        $this->postJson("/api/people/{$this->person}/home-notes", ['id' => $words = self::id(), 'text' => 'Private words.'])->assertCreated();
        $this->travel(1)->days();
        Artisan::call('home:round');
        self::assertSame(["answer {$words}", "stage {$stage}"], $this->kinds());
        self::assertStringContainsString('On Tuesday we look how far you hold.', $this->sent()[1]);
        self::assertStringNotContainsString('Private', $this->sent()[0]);
    }

    public function test_ten_days_of_silence_are_told_to_the_trainer_by_mail_once_and_without_a_name(): void
    {
        $this->plan([1, 4]);
        $this->link();
        $this->travel(10)->days();
        Artisan::call('home:round');
        $this->travel(1)->days();
        Artisan::call('home:round');
        self::assertSame(['quiet 2026-06-11'], $this->kinds());
        self::assertStringNotContainsString('Corvin', $this->sent()[0]);
        self::assertStringContainsString("/people/{$this->person}/review", $this->sent()[0]);
    }

    public function test_what_stops_something_is_told_to_the_trainer_at_once_and_once_without_a_name(): void
    {
        $this->open($this->link());
        $this->tell(self::id(), null, 5)->assertOk();
        self::assertSame([], $this->kinds(), 'a step down waits on the bench');
        $this->travel(1)->days();
        $this->tell($log = self::id(), null, 6)->assertOk();
        $this->getJson('/api/home')->assertOk();
        self::assertSame(["urgent {$log}"], $this->kinds());
        self::assertStringNotContainsString('Corvin', $this->sent()[0]);
        self::assertStringNotContainsString('pain', strtolower($this->sent()[0]));
        self::assertStringContainsString("/people/{$this->person}/review", $this->sent()[0]);

        $this->travel(1)->days();
        $this->postJson('/api/home/not-today', ['id' => self::id(), 'session' => $this->session, 'on' => '2026-06-03', 'reason' => 'tired', 'text' => null])->assertOk();
        $this->postJson('/api/home/not-today', ['id' => $unwell = self::id(), 'session' => $this->session, 'on' => '2026-06-03', 'reason' => 'unwell', 'text' => null])->assertOk();
        $this->postJson('/api/home/signs', ['id' => $signs = self::id(), 'signs' => ['leg-weakness']])->assertOk();
        self::assertSame(["urgent {$log}", "urgent {$unwell}", "urgent {$signs}"], $this->kinds());
    }

    public function test_what_is_told_is_kept_where_the_letter_about_it_cannot_be_sent(): void
    {
        $this->open($this->link());
        Mail::swap(new MailManager(app()));
        Notification::swap(new ChannelManager(app()));
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 1]);
        $this->postJson('/api/home/signs', ['id' => self::id(), 'signs' => ['leg-weakness']])->assertOk()->assertJsonPath('now', null);

        $letter = HomeMessage::query()->withoutGlobalScopes()->firstOrFail();
        self::assertSame([true, true], [$letter->failed_at !== null, $letter->sent_at === null]);
        self::assertSame(1, DB::table('screenings')->whereNotNull('urgency')->count());
    }

    public function test_nobody_is_called_to_a_session_of_which_nothing_is_left(): void
    {
        $this->contact();
        $this->plan([1, 2]);
        $this->open($this->link());
        $this->tell(self::id(), null, 7)->assertOk();
        $this->travel(1)->days();
        Artisan::call('home:round');
        self::assertSame([], array_filter($this->kinds(), static fn(string $kind): bool => str_starts_with($kind, 'training')));
    }

    public function test_one_press_ends_all_messages_from_a_message_and_from_the_page(): void
    {
        $this->contact();
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        parse_str((string) parse_url((string) strstr(self::linkIn($this->sent()[0], '/no-more'), 'http'), PHP_URL_QUERY), $found);
        [$who, $signature] = [self::text($found['who'] ?? null), self::text($found['signature'] ?? null)];
        Auth::logout();
        session()->flush();
        $this->get('/no-more?'.http_build_query($found))->assertOk()->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('X-Robots-Tag', 'noindex, nofollow');
        $this->postJson("/api/home/no-more/{$who}?signature=".strrev($signature))->assertUnauthorized()->assertJsonPath('code', 'home-closed');
        $this->postJson('/api/home/no-more/'.self::id()."?signature={$signature}")->assertUnauthorized();
        $this->postJson("/api/home/no-more/{$who}?signature={$signature}")->assertNoContent();

        $this->atTheDesk();
        $this->getJson("/api/people/{$this->person}/contact")->assertJsonPath('endedOn', '2026-06-01')->assertJsonPath('version', 2);
        $this->contact(['version' => 1])->assertConflict();
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertConflict();
        $this->travel(1)->days();
        $this->contact(['version' => 2])->assertOk()->assertJsonPath('endedOn', null)->assertJsonPath('agreedOn', '2026-06-02');

        $this->open($this->link());
        $this->postJson('/api/home/no-messages')->assertOk()->assertJsonPath('isWritten', false);
    }

    public function test_what_was_agreed_to_and_ended_before_it_went_out_is_not_sent(): void
    {
        $this->contact();
        Queue::fake();
        $this->postJson("/api/people/{$this->person}/home-links/message")->assertCreated();
        DB::table('home_contacts')->update(['ended_at' => now()]);
        $job = $this->pushed();
        app()->call([$job, 'handle']);
        Notification::assertNothingSent();
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function contact(array $change = []): TestResponse
    {
        return $this->putJson("/api/people/{$this->person}/contact", ['version' => 0, 'mail' => 'corvin@home.example', 'phone' => null, 'byMail' => true, 'byText' => false, 'reminders' => true, 'mornings' => true, 'agreed' => true, ...$change]);
    }

    private function pushed(): SendMessage
    {
        $pushed = [];
        Queue::assertPushed(SendMessage::class, static function (SendMessage $job) use (&$pushed): bool {
            $pushed[] = $job;

            return true;
        });

        return $pushed[0];
    }

    /** @return list<string> what went out, as text */
    private function sent(): array
    {
        $sent = [];
        Notification::assertSentOnDemand(HomeNotice::class, static function (HomeNotice $notice) use (&$sent): bool {
            $sent[] = $notice->inText();

            return true;
        });

        return $sent;
    }

    /**
     * @return list<string>
     *
     * @phpstan-impure
     */
    private function kinds(): array
    {
        return array_values(HomeMessage::query()->withoutGlobalScopes()->orderBy('id')->get()->map(static fn(HomeMessage $row): string => "{$row->kind->value} {$row->about}")->all());
    }

    private static function linkIn(string $text, string $path): string
    {
        return array_values(array_filter(explode("\n", $text), static fn(string $line): bool => str_contains($line, $path)))[0] ?? '';
    }

    private static function token(string $text): string
    {
        preg_match('~/h/(\w{40})~', $text, $found);

        return $found[1] ?? '';
    }
}
