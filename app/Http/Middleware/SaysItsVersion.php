<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\BuiltVersion;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Each answer says which version it is of, so that a page of an earlier one hears of it: pages stay open for weeks. */
final class SaysItsVersion
{
    public const HEADER = 'Built';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        if ($request->is('api/*') && ($version = BuiltVersion::now()) !== '') {
            $response->headers->set(self::HEADER, $version);
        }

        return $response;
    }
}
