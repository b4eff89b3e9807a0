<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Cookie;

/**
 * Nobody writes from another page. Who is not signed in yet has no session to hold a token: theirs is the one in their
 * own cookie, encrypted by us, which another page can neither read nor make.
 */
final class GuestToken extends ValidateCsrfToken
{
    protected function tokensMatch($request): bool
    {
        $sent = $this->getTokenFromRequest($request);
        $own = $request->cookie('XSRF-TOKEN');

        return parent::tokensMatch($request)
            || (Auth::guest() && is_string($sent) && is_string($own) && $own !== '' && hash_equals($own, $sent));
    }

    /**
     * A guest keeps the token they have: with another one in every answer, what was sent just as an answer came would carry the
     * one before and be refused.
     *
     * @param \Illuminate\Http\Request $request
     * @param array<string, mixed>     $config
     */
    protected function newCookie($request, $config): Cookie
    {
        $own = $request->cookie('XSRF-TOKEN');
        $cookie = parent::newCookie($request, $config);

        return Auth::guest() && is_string($own) && $own !== '' ? $cookie->withValue($own) : $cookie;
    }
}
