<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Headers that keep the browser to what the application itself ships. */
final class SecureHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $workshop = app()->isLocal() && Vite::isRunningHot() ? self::workshop(trim((string) file_get_contents(Vite::hotFile()))) : ['self' => "'self'", 'script' => ''];
        $address = config('cuff.address');
        // The simulated cuff of the demo, and nothing else beside the application itself.
        $cuff = is_string($address) && $address !== '' ? " connect-src {$workshop['self']} {$address};" : '';
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', "default-src {$workshop['self']};{$workshop['script']} style-src {$workshop['self']} 'unsafe-inline'; img-src 'self' blob: data:; object-src 'none';{$cuff} base-uri 'self'; form-action 'self'; frame-ancestors 'none'");
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        // A link to a page of somebody's own tells nobody where it was opened from, and none of it is for search engines.
        $isAtHome = $request->is('h/*', 'home', 'no-more', 'api/home', 'api/home/*');
        $response->headers->set('Referrer-Policy', $isAtHome ? 'no-referrer' : 'same-origin');
        $response->headers->set('X-Robots-Tag', 'noindex, nofollow');
        $response->headers->set('Permissions-Policy', 'camera=(), microphone=(), geolocation=()');
        if ($isAtHome || $request->is('api/*')) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }

    /**
     * While `npm run dev` runs on a developer's machine, the page also takes what that server hands out.
     *
     * @return array{self: string, script: string} sources, and the directive for scripts
     */
    private static function workshop(string $server): array
    {
        $nonce = Vite::useCspNonce();
        $socket = str_replace('http', 'ws', $server);

        return ['self' => "'self' {$server} {$socket}", 'script' => " script-src 'self' {$server} 'nonce-{$nonce}';"];
    }
}
