<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\TimedCode;
use App\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Signing in with a second step: what somebody knows, and what they have. */
final class SecondStepTest extends ApiTestCase
{
    public function test_it_is_set_up_with_the_password_and_a_code_and_asked_for_from_then_on(): void
    {
        $this->postJson('/api/me/second-step', ['current' => 'a guess'])->assertUnprocessable()->assertJsonPath('fields.current.0', 'This is not your present password.');
        $begun = $this->postJson('/api/me/second-step', ['current' => 'a-demo-password'])->assertOk();
        self::assertSame('otpauth://totp/Even%20Rungs%3Awren%40tarn-row.example?secret='.$begun->json('secret').'&issuer=Even%20Rungs', $begun->json('address'));
        $this->signIn()->assertOk();
        $this->putJson('/api/me/second-step', ['code' => '000000'])->assertUnprocessable();
        $codes = (array) $this->putJson('/api/me/second-step', ['code' => $this->code()])->assertOk()->assertJsonCount(8, 'codes')->json('codes');
        self::assertCount(8, array_unique($codes));
        $this->getJson('/api/me')->assertOk()->assertJsonPath('secondStep', true)->assertJsonPath('paperCodes', 8);
        $this->postJson('/api/me/second-step', ['current' => 'a-demo-password'])->assertConflict();

        $row = (array) DB::table('users')->where('id', $this->trainer->id)->first();
        self::assertStringNotContainsString((string) base64_encode($this->secret()), (string) $row['second_secret'], 'encrypted at rest');
        self::assertStringNotContainsString((string) $codes[0], (string) $row['second_codes'], 'kept as hashes');

        Auth::logout();
        $this->travel(1)->minutes();
        $this->signIn()->assertUnprocessable()->assertJsonPath('code', 'second-step')->assertJsonPath('fields', []);
        $this->assertGuest();
        $this->signIn(code: '000000')->assertUnprocessable()->assertJsonPath('code', 'invalid');
        $this->assertGuest();
        $code = $this->code();
        $this->signIn(code: substr($code, 0, 3).' '.substr($code, 3))->assertOk();
        $this->assertAuthenticated();
        Auth::logout();
        $this->signIn(code: $code)->assertUnprocessable()->assertJsonPath('fields.code.0', 'This code is not right, or was taken already. Type the one that is shown now.');
    }

    public function test_who_does_not_know_the_password_is_not_told_of_it(): void
    {
        $this->setUpSecondStep();
        Auth::logout();
        $this->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => 'guess', 'code' => $this->code()])->assertUnprocessable()->assertJsonPath('code', 'sign-in');
    }

    public function test_a_code_on_paper_holds_once_and_is_counted_down(): void
    {
        [$first, $second] = $this->setUpSecondStep();
        Auth::logout();
        $this->signIn(code: mb_strtoupper($first))->assertOk()->assertJsonPath('paperCodes', 7);
        Auth::logout();
        $this->signIn(code: $first)->assertUnprocessable();
        $this->signIn(code: substr($second, 0, 5).'-'.substr($second, 5))->assertOk()->assertJsonPath('paperCodes', 6);
    }

    public function test_after_five_codes_that_were_not_right_also_a_right_one_waits(): void
    {
        $this->setUpSecondStep();
        Auth::logout();
        foreach (range(1, 5) as $try) {
            $this->travel(1)->minutes();
            $this->signIn(code: "00000{$try}")->assertUnprocessable()->assertJsonPath('code', 'invalid');
        }
        $this->travel(1)->minutes();
        $this->signIn(code: $this->code())->assertUnprocessable()->assertJsonPath('fields.code.0', 'Too many codes were not right. Wait 10 min, then try again.');
        $this->travel(12)->minutes();
        $this->signIn(code: $this->code())->assertOk();
    }

    public function test_who_reads_somebodys_mail_does_not_get_in_by_a_forgotten_password(): void
    {
        $this->setUpSecondStep();
        Auth::logout();
        $this->travel(1)->minutes();
        $link = ['email' => 'wren@tarn-row.example', 'token' => Password::broker('users')->createToken($this->trainer), 'password' => 'the heron walks late'];
        $this->postJson('/api/password', $link)->assertUnprocessable()->assertJsonPath('code', 'second-step');
        $this->postJson('/api/password', [...$link, 'code' => '000000'])->assertUnprocessable();
        $this->signIn(password: 'the heron walks late')->assertUnprocessable()->assertJsonPath('code', 'sign-in');
        $this->postJson('/api/password', [...$link, 'code' => $this->code()])->assertOk()->assertJsonPath('secondStep', true);
    }

    public function test_it_is_ended_with_the_password_by_the_owner_for_others_and_by_whoever_runs_the_server(): void
    {
        $this->setUpSecondStep();
        $this->postJson('/api/me/second-step/end', ['current' => 'a guess'])->assertUnprocessable();
        $this->postJson('/api/me/second-step/end', ['current' => 'a-demo-password'])->assertOk()->assertJsonPath('secondStep', false)->assertJsonPath('paperCodes', 0);
        Auth::logout();
        $this->signIn()->assertOk();

        $pell = User::query()->create(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'name' => 'Pell Sorrin', 'email' => 'pell@tarn-row.example', 'password' => 'a-demo-password', 'role' => 'trainer', 'second_since' => now()]);
        $this->actingAs($pell->refresh());
        $this->deleteJson("/api/practice/trainers/{$pell->id}/second-step")->assertForbidden();
        $this->actingAs($this->trainer->refresh());
        self::assertTrue(collect((array) $this->getJson('/api/practice/trainers')->assertOk()->json('trainers'))->firstWhere('id', $pell->id)['secondStep'] ?? null);
        $this->deleteJson("/api/practice/trainers/{$pell->id}/second-step")->assertOk();
        self::assertFalse($pell->refresh()->hasSecondStep());
        $this->deleteJson("/api/practice/trainers/{$this->trainer->id}/second-step")->assertConflict();

        $this->setUpSecondStep();
        $this->artisan('practice:one-step', ['email' => 'Wren@Tarn-Row.example']);
        self::assertFalse($this->trainer->refresh()->hasSecondStep());
    }

    public function test_where_the_owner_asks_it_of_everybody_nothing_else_is_answered_before_it_is_set_up(): void
    {
        $pell = User::query()->create(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'name' => 'Pell Sorrin', 'email' => 'pell@tarn-row.example', 'password' => 'a-demo-password', 'role' => 'trainer']);
        $stranger = $this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example');
        $ask = fn(bool $asked): TestResponse => $this->putJson('/api/practice/second-step', ['asked' => $asked]);
        $ask(true)->assertConflict()->assertJsonPath('code', 'own-first');
        $this->setUpSecondStep();
        $ask(true)->assertOk()->assertJsonPath('asksSecondStep', true);
        $this->getJson('/api/people')->assertOk();

        $this->actingAs($pell->refresh());
        foreach (['/api/people', '/api/bench', '/api/rules'] as $address) {
            $this->getJson($address)->assertForbidden()->assertJsonPath('code', 'second-step-missing');
        }
        $this->getJson('/api/me')->assertOk()->assertJsonPath('asksSecondStep', true)->assertJsonPath('secondStep', false);
        $this->postJson('/api/me/second-step', ['current' => 'a-demo-password'])->assertOk();
        $secret = (string) base64_decode((string) $pell->refresh()->second_secret, true);
        $this->putJson('/api/me/second-step', ['code' => TimedCode::of($secret, TimedCode::step((int) now()->timestamp))])->assertOk();
        $this->getJson('/api/people')->assertOk();

        $this->actingAs($this->trainer->refresh());
        $this->postJson('/api/practice/trainers', ['id' => self::id(), 'email' => 'ines@tarn-row.example', 'role' => 'reader'])->assertCreated();
        self::assertTrue(User::query()->where('email', 'ines@tarn-row.example')->firstOrFail()->lacksSecondStep(), 'also who comes later');
        $ask(false)->assertOk();
        self::assertFalse(User::query()->where('email', 'ines@tarn-row.example')->firstOrFail()->lacksSecondStep());
        $this->actingAs($pell->refresh());
        $ask(true)->assertForbidden();
        $this->actingAs($stranger);
        $this->getJson('/api/people')->assertOk();
    }

    /** @return list<string> codes on paper */
    private function setUpSecondStep(): array
    {
        $this->postJson('/api/me/second-step', ['current' => 'a-demo-password'])->assertOk();
        $codes = array_values(array_filter((array) $this->putJson('/api/me/second-step', ['code' => $this->code()])->assertOk()->json('codes'), is_string(...)));
        $this->travel(1)->minutes();

        return $codes;
    }

    private function secret(): string
    {
        return (string) base64_decode((string) $this->trainer->refresh()->second_secret, true);
    }

    /** As an authenticator shows it now. */
    private function code(): string
    {
        return TimedCode::of($this->secret(), TimedCode::step((int) now()->timestamp));
    }

    /** @return TestResponse<Response> */
    private function signIn(string $code = '', string $password = 'a-demo-password'): TestResponse
    {
        return $this->postJson('/api/sign-in', ['email' => 'wren@tarn-row.example', 'password' => $password, ...($code === '' ? [] : ['code' => $code])]);
    }
}
