<?php

declare(strict_types=1);

use App\Http\Errors;
use App\Http\Middleware\BoundBody;
use App\Http\Middleware\GuestToken;
use App\Http\Middleware\SaysItsVersion;
use App\Http\Middleware\SecureHeaders;
use App\Http\Middleware\SignedInSession;
use App\Http\Told;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Log;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // same origin only
        $middleware->append([SecureHeaders::class, SaysItsVersion::class]);
        $middleware->web(replace: [StartSession::class => SignedInSession::class, ValidateCsrfToken::class => GuestToken::class]);
        $middleware->prepend(BoundBody::class);
        $middleware->encryptCookies(except: ['theme']);
        $middleware->redirectGuestsTo('/');
        // The composer sends whole sessions at every change; their lines are read by the core, spaces and all.
        $isPreview = static fn(Request $request): bool => $request->is('api/people/*/sessions/preview');
        // Of a password every sign counts.
        $isPassword = static fn(Request $request): bool => $request->is('api/me/password');
        $middleware->trimStrings(except: [$isPreview, $isPassword]);
        $middleware->convertEmptyStringsToNull(except: [$isPreview]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn(Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->render(Errors::answer(...));
        // Errors of the API are logged with the number that is shown; nothing that people told is ever written.
        $exceptions->report(static function (Throwable $error): bool {
            if (request()->is('api/*')) {
                return false;
            }
            Log::error(Told::of($error));

            return false;
        });
    })
    ->create();
