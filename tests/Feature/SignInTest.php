<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Auth;

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
}
