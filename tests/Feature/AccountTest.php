<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Messages\Letter;
use App\Models\User;
use Illuminate\Mail\MailManager;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;

/** Who works in a practice comes by invitation, keeps a name and a password of their own, and goes when the owner says so. */
final class AccountTest extends ApiTestCase
{
    private const ODO = 'odo@tarn-row.example';

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
    }

    public function test_a_trainer_is_invited_by_mail_and_chooses_name_and_password_once(): void
    {
        $this->invite()->assertCreated()->assertJsonPath('trainers.1.state', 'invited')->assertJsonPath('trainers.1.name', '')->assertJsonPath('trainers.1.since', '2026-06-01');
        $link = $this->linkIn(self::ODO);
        self::assertStringStartsWith(config()->string('app.url').'/join?', $link['url']);
        self::assertSame([], array_filter((array) DB::table('invitation_tokens')->first(), static fn(mixed $kept): bool => $kept === $link['token']), 'what is kept is a hash');
        $this->getJson('/api/me')->assertJsonCount(1, 'trainers');

        Auth::logout();
        $this->postJson('/api/sign-in', ['email' => self::ODO, 'password' => ''])->assertUnprocessable();
        $this->postJson('/api/join', [...$link['join'], 'name' => 'Odo Pell', 'password' => 'short'])->assertUnprocessable()->assertJsonPath('fields.password.0', 'A password has at least 10 characters.');
        $this->postJson('/api/join', [...$link['join'], 'name' => 'Odo Pell', 'password' => 'a long way up'])->assertOk()->assertJsonPath('name', 'Odo Pell')->assertJsonPath('role', 'trainer')->assertJsonPath('practice', 'Tarn Row Movement Room');
        $this->getJson('/api/me')->assertOk()->assertJsonCount(2, 'trainers');

        Auth::logout();
        $this->postJson('/api/join', [...$link['join'], 'name' => 'Somebody', 'password' => 'a long way up'])->assertConflict()->assertJsonPath('code', 'no-link');
        $this->postJson('/api/sign-in', ['email' => self::ODO, 'password' => 'a long way up'])->assertOk();
    }

    public function test_an_invitation_is_sent_again_and_holds_for_a_week(): void
    {
        $id = $this->invite()->json('trainers.1.id');
        $first = $this->linkIn(self::ODO);
        $this->postJson("/api/practice/trainers/{$id}/invitation")->assertOk();
        $second = $this->linkIn(self::ODO);

        Auth::logout();
        $this->postJson('/api/join', [...$first['join'], 'name' => 'Odo Pell', 'password' => 'a long way up'])->assertConflict();
        $this->travel(8)->days();
        $this->postJson('/api/join', [...$second['join'], 'name' => 'Odo Pell', 'password' => 'a long way up'])->assertConflict()->assertJsonPath('sentence', 'This link does not hold any more. Ask for a new one.');
    }

    public function test_a_letter_of_an_invitation_that_is_given_up_is_told_until_another_is_sent(): void
    {
        Mail::swap(new MailManager(app()));
        config(['queue.default' => 'database', 'mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 1]);
        $id = $this->invite()->json('trainers.1.id');
        for ($try = 1; $try <= 5; $try++) {
            $this->getJson('/api/practice/trainers')->assertJsonPath('trainers.1.state', 'invited');
            Artisan::call('queue:work', ['--once' => true, '--quiet' => true]);
            $this->travel(20)->minutes();
        }
        $this->getJson('/api/practice/trainers')->assertJsonPath('trainers.1.state', 'unreached')->assertJsonPath('trainers.1.since', '2026-06-01');

        Mail::fake();
        $this->postJson("/api/practice/trainers/{$id}/invitation")->assertJsonPath('trainers.1.state', 'invited');
        Artisan::call('queue:work', ['--once' => true, '--quiet' => true]);
        $this->linkIn(self::ODO);
    }

    public function test_an_address_that_is_known_is_not_invited(): void
    {
        $this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example');

        $this->invite('Wren@Tarn-Row.example')->assertUnprocessable()->assertJsonPath('fields.email.0', 'This address is in your practice already.');
        $this->invite('odo@mere-end.example')->assertUnprocessable()->assertJsonPath('fields.email.0', 'This address cannot be invited: ask for another one of theirs.');
        $this->invite('no address')->assertUnprocessable();
        Mail::assertNothingSent();
    }

    public function test_only_the_owner_says_who_works_here_and_only_in_their_own_practice(): void
    {
        $odo = $this->trainer();
        $stranger = $this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example');

        foreach (['invitation', 'access'] as $way) {
            $this->postJson("/api/practice/trainers/{$stranger->id}/{$way}")->assertNotFound();
        }
        $this->deleteJson("/api/practice/trainers/{$stranger->id}")->assertNotFound();
        $this->deleteJson("/api/practice/trainers/{$this->trainer->id}")->assertConflict()->assertJsonPath('code', 'yourself');

        $this->actingAs($odo);
        $this->getJson('/api/practice/trainers')->assertForbidden();
        $this->invite('mira@tarn-row.example')->assertForbidden();
        foreach (['invitation', 'access'] as $way) {
            $this->postJson("/api/practice/trainers/{$this->trainer->id}/{$way}")->assertForbidden();
        }
        $this->deleteJson("/api/practice/trainers/{$this->trainer->id}")->assertForbidden();
        self::assertNull($stranger->refresh()->ended_at);
    }

    public function test_whose_access_was_ended_is_out_at_the_next_contact_and_in_again_when_the_owner_says_so(): void
    {
        $odo = $this->trainer();
        $this->deleteJson("/api/practice/trainers/{$odo->id}")->assertOk()->assertJsonPath('trainers.1.state', 'ended');
        $this->getJson('/api/me')->assertJsonCount(1, 'trainers');

        $this->actingAs($odo->refresh());
        $this->getJson('/api/bench')->assertUnauthorized()->assertJsonPath('code', 'access-ended')->assertJsonPath('present.id', $odo->id);
        $this->assertGuest();
        $this->postJson('/api/sign-in', ['email' => self::ODO, 'password' => 'a long way up'])->assertUnauthorized()->assertJsonPath('code', 'access-ended');
        $this->postJson('/api/sign-in', ['email' => self::ODO, 'password' => 'a wrong one'])->assertUnprocessable()->assertJsonPath('code', 'sign-in');
        $this->postJson('/api/forgotten', ['email' => self::ODO])->assertNoContent();
        Mail::assertNothingSent();

        $this->actingAs($this->trainer);
        $this->postJson("/api/practice/trainers/{$odo->id}/access")->assertOk()->assertJsonPath('trainers.0.state', 'joined');
        Auth::logout();
        $this->postJson('/api/sign-in', ['email' => self::ODO, 'password' => 'a long way up'])->assertOk();
    }

    public function test_name_and_password_are_ones_own_and_a_changed_password_ends_the_other_sessions(): void
    {
        $this->putJson('/api/me', ['name' => 'Wren Aldous-Pell'])->assertOk()->assertJsonPath('name', 'Wren Aldous-Pell');
        $this->putJson('/api/me', ['name' => ''])->assertUnprocessable();

        $this->putJson('/api/me/password', ['current' => 'a guess', 'password' => 'another long one'])->assertUnprocessable()->assertJsonPath('fields.current.0', 'This is not your present password.');
        $this->putJson('/api/me/password', ['current' => 'a-demo-password', 'password' => str_repeat('ä', 40)])->assertUnprocessable()->assertJsonPath('fields.password.0', 'A password has at most 72 bytes: about so many letters.');
        $this->putJson('/api/me/password', ['current' => 'a-demo-password', 'password' => ' another long one '])->assertNoContent();
        $this->getJson('/api/me')->assertOk();
        self::assertTrue(Hash::check(' another long one ', $this->trainer->refresh()->password), 'every sign counts');

        // Elsewhere: a session that was opened by the password of before.
        User::query()->whereKey($this->trainer->id)->update(['password' => Hash::make('changed on another device')]);
        Auth::forgetGuards();
        $this->be($this->trainer->refresh());
        $this->getJson('/api/me')->assertUnauthorized()->assertJsonPath('code', 'signed-out');
    }

    public function test_a_forgotten_password_is_set_anew_by_a_link_that_holds_an_hour_and_once(): void
    {
        Auth::logout();
        $this->postJson('/api/forgotten', ['email' => 'nobody@tarn-row.example'])->assertNoContent();
        Mail::assertNothingSent();
        $this->postJson('/api/forgotten', ['email' => 'WREN@tarn-row.example'])->assertNoContent();
        $link = $this->linkIn('wren@tarn-row.example');

        $new = [...$link['join'], 'password' => 'found a better one'];
        $this->postJson('/api/password', [...$new, 'token' => strrev($link['token'])])->assertConflict()->assertJsonPath('code', 'no-link');
        $this->postJson('/api/join', [...$new, 'name' => 'Wren'])->assertConflict()->assertJsonPath('code', 'no-link');
        $this->postJson('/api/password', $new)->assertOk()->assertJsonPath('email', 'wren@tarn-row.example');
        Auth::logout();
        $this->postJson('/api/password', $new)->assertConflict();
        $this->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => 'found a better one'])->assertOk();

        Auth::logout();
        $this->travel(2)->minutes();
        $this->postJson('/api/forgotten', ['email' => 'wren@tarn-row.example'])->assertNoContent();
        $late = $this->linkIn('wren@tarn-row.example');
        $this->travel(61)->minutes();
        $this->postJson('/api/password', [...$late['join'], 'password' => 'found a better one'])->assertConflict();
    }

    public function test_links_are_asked_for_and_tried_a_few_times_only(): void
    {
        Auth::logout();
        for ($try = 1; $try <= 5; $try++) {
            $this->postJson('/api/forgotten', ['email' => 'wren@tarn-row.example'])->assertNoContent();
        }
        $this->postJson('/api/forgotten', ['email' => 'wren@tarn-row.example'])->assertTooManyRequests();
        Mail::assertSentCount(1);
        for ($try = 1; $try <= 20; $try++) {
            $this->postJson('/api/password', ['email' => 'wren@tarn-row.example', 'token' => "guess {$try}", 'password' => 'found a better one'])->assertConflict();
        }
        $this->postJson('/api/password', ['email' => 'wren@tarn-row.example', 'token' => 'guess', 'password' => 'found a better one'])->assertTooManyRequests();
    }

    private function trainer(): User
    {
        return User::query()->create(['practice_id' => $this->trainer->practice_id, 'name' => 'Odo Pell', 'email' => self::ODO, 'password' => 'a long way up', 'role' => 'trainer'])->refresh();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function invite(string $email = self::ODO): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/practice/trainers', ['id' => self::id(), 'email' => $email]);
    }

    /** @return array{url: string, token: string, join: array{email: string, token: string}} of the newest letter to an address */
    private function linkIn(string $address): array
    {
        $letter = Mail::sent(Letter::class, static fn(Letter $letter): bool => $letter->hasTo($address))->last();
        self::assertInstanceOf(Letter::class, $letter);
        $said = (string) $letter->render();
        self::assertStringContainsString($letter->link, $said);
        parse_str((string) parse_url($letter->link, PHP_URL_QUERY), $query);
        self::assertSame($address, $query['email'] ?? null);
        self::assertIsString($query['token'] ?? null);

        return ['url' => $letter->link, 'token' => $query['token'], 'join' => ['email' => $address, 'token' => $query['token']]];
    }
}
