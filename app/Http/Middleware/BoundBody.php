<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is sent is measured before it is read: its length, its depth, and letters that no text has. Pictures have a limit of their own. */
final class BoundBody
{
    private const MOST_BYTES = 2_000_000;

    private const DEEPEST = 24;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (str_contains((string) $request->header('Content-Type'), 'multipart/form-data')) {
            return $next($request);
        }
        $body = $request->getContent();
        if (strlen($body) > self::MOST_BYTES) {
            throw Problem::tooLong();
        }
        if ($body !== '' && $request->isJson()) {
            json_decode($body, true, self::DEEPEST);
            if (json_last_error() !== JSON_ERROR_NONE || str_contains($body, '\u0000')) {
                throw Problem::unreadable();
            }
        }

        return $next($request);
    }
}
