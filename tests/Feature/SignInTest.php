<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

final class SignInTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Auth::logout();
    }

    public function test_the_right_password_opens_the_door(): void
    {
        $this->postJson('/api/sign-in', ['email' => 'Wren@Tarn-Row.example', 'password' => 'a-demo-password'])->assertOk()->assertJsonPath('practice', 'Tarn Row Movement Room');
        $this->assertAuthenticated();
    }

    public function test_a_wrong_password_gets_a_sentence_that_does_not_say_which_is_wrong(): void
    {
        $this->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => 'guess'])->assertUnprocessable()->assertJsonPath('code', 'sign-in');
        $this->postJson('/api/sign-in', ['email' => 'nobody@tarn-row.example', 'password' => 'guess'])->assertUnprocessable()->assertJsonPath('code', 'sign-in');
        $this->assertGuest();
    }

    public function test_guessing_is_slowed_down(): void
    {
        for ($try = 1; $try <= 6; $try++) {
            $this->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => "guess {$try}"])->assertUnprocessable();
        }
        $this->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => 'a-demo-password'])->assertTooManyRequests()->assertJsonPath('code', 'too-many');
    }

    public function test_a_page_knows_its_version_and_every_answer_says_that_of_the_server(): void
    {
        config(['built.version' => 'the one before']);
        $this->get('/sign-in')->assertOk()->assertSee('<meta name="built" content="the one before">', false);
        config(['built.version' => 'the next one']);
        $this->getJson('/api/me')->assertUnauthorized()->assertHeader('Built', 'the next one');
    }

    public function test_pages_and_answers_carry_the_policy_that_keeps_the_browser_to_our_own_code(): void
    {
        foreach ([$this->get('/sign-in'), $this->getJson('/api/me')] as $response) {
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'self'", $policy);
            self::assertDoesNotMatchRegularExpression('/script-src|unsafe-eval/', $policy);
            self::assertSame('nosniff', $response->headers->get('X-Content-Type-Options'));
        }
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*src=)/', (string) $this->get('/sign-in')->getContent());
    }

    public function test_an_address_is_compared_as_it_is_written(): void
    {
        $this->postJson('/api/sign-in', ['email' => 'wrén@tarn-row.example', 'password' => 'a-demo-password'])->assertUnprocessable();
        $this->assertGuest();
    }

    public function test_a_list_for_an_address_is_no_address(): void
    {
        $this->postJson('/api/sign-in', ['email' => ['wren@tarn-row.example'], 'password' => ['a-demo-password']])->assertUnprocessable()->assertJsonPath('code', 'invalid');
        $this->postJson('/api/sign-in', ['email' => true, 'password' => 3])->assertUnprocessable();
    }

    public function test_as_much_is_computed_for_an_address_that_nobody_has(): void
    {
        $this->postJson('/api/sign-in', ['email' => 'nobody@tarn-row.example', 'password' => 'guess'])->assertUnprocessable();
        $nobodys = Cache::get('nobodys-password');

        self::assertIsString($nobodys);
        self::assertSame(password_get_info($this->trainer->password)['options'], password_get_info($nobodys)['options']);
    }

    public function test_whoever_only_passes_by_leaves_no_row_and_nobody_signs_in_from_another_page(): void
    {
        config(['session.driver' => 'database']);
        Auth::forgetGuards();
        app()->forgetInstance('session.store');
        // As outside of tests: tokens are asked for.
        app()->instance('env', 'local');
        $page = $this->get('/sign-in')->assertOk();
        $this->getJson('/api/me')->assertUnauthorized();
        self::assertSame(0, DB::table('sessions')->count());
        self::assertNull($page->getCookie(config()->string('session.cookie')));

        $token = (string) $page->getCookie('XSRF-TOKEN')?->getValue();
        $right = ['email' => 'wren@tarn-row.example', 'password' => 'a-demo-password'];
        $this->postJson('/api/sign-in', $right)->assertStatus(419);
        $this->withCookie('XSRF-TOKEN', $token)->postJson('/api/sign-in', $right)->assertStatus(419);
        $this->withCookie('XSRF-TOKEN', $token)->postJson('/api/sign-in', $right, ['X-CSRF-TOKEN' => 'made up'])->assertStatus(419);
        $this->withCookie('XSRF-TOKEN', $token)->postJson('/api/sign-in', $right, ['X-CSRF-TOKEN' => $token])->assertOk();
        self::assertSame(1, DB::table('sessions')->count());
        app()->instance('env', 'testing');
    }

    public function test_a_guest_keeps_their_token_so_that_what_is_sent_just_as_an_answer_comes_is_taken(): void
    {
        config(['session.driver' => 'database']);
        Auth::forgetGuards();
        // As outside of tests: tokens are asked for, and a request knows nothing of the one before.
        app()->instance('env', 'local');
        $alone = function (): static {
            app('session')->forgetDrivers();
            app()->forgetInstance('session.store');

            return $this;
        };
        $token = (string) $alone()->get('/sign-in')->getCookie('XSRF-TOKEN')?->getValue();
        // An answer comes between the reading of the token and the sending of what carries it.
        $meanwhile = (string) $alone()->withCredentials()->withCookie('XSRF-TOKEN', $token)->getJson('/api/me')->assertUnauthorized()->getCookie('XSRF-TOKEN')?->getValue();
        self::assertSame($token, $meanwhile);
        $signedIn = $alone()->withCookie('XSRF-TOKEN', $meanwhile)->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => 'a-demo-password'], ['X-CSRF-TOKEN' => $token])->assertOk();
        self::assertNotSame($token, $signedIn->getCookie('XSRF-TOKEN')?->getValue(), 'who is signed in has that of the session');
        app()->instance('env', 'testing');
    }

    public function test_links_name_the_host_of_the_settings(): void
    {
        $this->get('http://stranger.example/sign-in');
        self::assertSame(config()->string('app.url').'/calendar/x.ics', url('/calendar/x.ics'));
    }
}
