<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Models\User;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Begins a session of somebody who has shown who they are. */
final class SignedIn
{
    public static function as(User $user, Request $request): MeView
    {
        /** @var StatefulGuard $guard */
        $guard = Auth::guard('web');
        $guard->login($user);
        // Of somebody who was signed in here before.
        $request->session()->forget('password_hash_web');
        $request->session()->regenerate();

        return MeView::of($user);
    }
}
