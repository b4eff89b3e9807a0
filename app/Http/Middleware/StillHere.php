<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whose access was ended is told so at their next contact, whatever they ask for, and is out. */
final class StillHere
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->ended_at !== null) {
            Auth::guard('web')->logout();
            $request->session()->invalidate();
            throw Problem::accessEnded($user);
        }

        return $next($request);
    }
}
