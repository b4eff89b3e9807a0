<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Accounts\SecondStep;
use App\Api\Changes;
use App\Api\Writes;
use App\Http\Problem;
use App\Messages\SendPasswordLink;
use App\Models\User;
use Illuminate\Contracts\Auth\PasswordBroker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Password;

/** One's own account: name and password, a forgotten one, and joining a practice one was invited to. */
final class AccountController
{
    #[Changes('/api/me', 'changeMe', MeView::class, MeRequest::class)]
    public function update(MeRequest $input): JsonResponse
    {
        $input->by()->update(['name' => $input->text('name')]);

        return new JsonResponse(MeView::of($input->by()));
    }

    /** Ends all other sessions of the account: they were opened by the password of before. */
    #[Changes('/api/me/password', 'changePassword', takes: OwnPasswordRequest::class)]
    public function password(OwnPasswordRequest $input): Response
    {
        $input->by()->update(['password' => $input->string('password')->toString()]);
        $input->session()->regenerate();

        return new Response(status: 204);
    }

    /** Answers alike whether or not the address has an account. */
    #[Writes('/api/forgotten', 'forgotPassword', takes: ForgottenRequest::class)]
    public function forgotten(ForgottenRequest $input): Response
    {
        SendPasswordLink::dispatch(mb_strtolower($input->text('email')));

        return new Response(status: 204);
    }

    #[Writes('/api/password', 'resetPassword', MeView::class, NewPasswordRequest::class)]
    public function reset(NewPasswordRequest $input): JsonResponse
    {
        return $this->by('users', $input, static function (User $user, string $password) use ($input): void {
            if ($user->ended_at !== null) {
                throw self::noLink();
            }
            // Whoever reads the mail of somebody has one of two things alone.
            SecondStep::ask($user, $input->text('code'));
            $user->update(['password' => $password]);
        });
    }

    #[Writes('/api/join', 'join', MeView::class, JoinRequest::class)]
    public function join(JoinRequest $input): JsonResponse
    {
        return $this->by('invitations', $input, static function (User $user, string $password) use ($input): void {
            if ($user->ended_at !== null || $user->invited_at === null) {
                throw self::noLink();
            }
            $user->update(['name' => $input->text('name'), 'password' => $password, 'invited_at' => null]);
        });
    }

    /** @param \Closure(User, string): void $take */
    private function by(string $broker, NewPasswordRequest $input, \Closure $take): JsonResponse
    {
        $taken = null;
        $status = Password::broker($broker)->reset($input->credentials(), static function (User $user, string $password) use ($take, &$taken): void {
            $take($user, $password);
            $taken = $user;
        });
        if ($status !== PasswordBroker::PASSWORD_RESET || ! $taken instanceof User) {
            throw self::noLink();
        }

        return new JsonResponse(SignedIn::as($taken->refresh(), $input));
    }

    /** One sentence for all: expired, used, mistyped, of somebody else. */
    private static function noLink(): Problem
    {
        return Problem::conflict('no-link', 'This link does not hold any more. Ask for a new one.');
    }
}
