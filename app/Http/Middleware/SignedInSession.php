<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Sessions are kept of those who signed in: whoever only passes by leaves no row and no cookie of one. */
final class SignedInSession extends StartSession
{
    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (self::isSignedIn($session)) {
            parent::addCookieToResponse($response, $session);
        }
    }

    protected function saveSession($request): void
    {
        if (self::isSignedIn($request->session())) {
            parent::saveSession($request);
        }
    }

    private static function isSignedIn(Session $session): bool
    {
        /** @var SessionGuard $guard */
        $guard = Auth::guard('web');

        return $session->has($guard->getName());
    }
}
