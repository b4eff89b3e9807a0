<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Api\Reads;
use App\Api\Writes;
use App\Http\Problem;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** Signing in and out by session cookie. */
final class SignInController
{
    #[Writes('/api/sign-in', 'signIn', MeView::class, SignInRequest::class)]
    public function store(SignInRequest $input): JsonResponse
    {
        $guard = self::guard();
        if (! $guard->attempt(['email' => mb_strtolower($input->text('email')), 'password' => $input->string('password')->toString()])) {
            throw Problem::signIn('E-mail and password do not go together. Check both and try again.');
        }
        $input->session()->regenerate();

        return new JsonResponse(MeView::of($input->by()));
    }

    #[Writes('/api/sign-out', 'signOut')]
    public function destroy(Request $request): Response
    {
        self::guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    #[Reads('/api/me', 'me', MeView::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(MeView::of($user));
    }

    private static function guard(): StatefulGuard
    {
        return Auth::guard('web');
    }
}
