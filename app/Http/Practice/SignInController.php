<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Accounts\SecondStep;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Signing in and out by session cookie. */
final class SignInController
{
    #[Writes('/api/sign-in', 'signIn', MeView::class, SignInRequest::class)]
    public function store(SignInRequest $input): JsonResponse
    {
        $password = $input->string('password')->toString();
        $user = User::query()->where('email', mb_strtolower($input->text('email')))->first();
        // As much is computed for an address that nobody has, so that the time does not tell which are known.
        $isRight = Hash::check($password, $user->password ?? self::nobodys());
        if ($user === null || ! $isRight) {
            throw Problem::signIn('E-mail and password do not go together. Check both and try again.');
        }
        if ($user->ended_at !== null) {
            throw Problem::accessEnded($user);
        }
        SecondStep::ask($user, $input->text('code'));
        if (Hash::needsRehash($user->password)) {
            $user->update(['password' => $password]);
        }

        return new JsonResponse(SignedIn::as($user, $input));
    }

    #[Writes('/api/sign-out', 'signOut')]
    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    #[Reads('/api/me', 'me', MeView::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(MeView::of($user));
    }

    /** A hash as those of passwords are, of what nobody knows. */
    private static function nobodys(): string
    {
        $hash = Cache::get('nobodys-password');
        if (! is_string($hash) || Hash::needsRehash($hash)) {
            Cache::forever('nobodys-password', $hash = Hash::make(Str::random(40)));
        }

        return $hash;
    }
}
