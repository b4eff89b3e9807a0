<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Where a practice asks everybody for a second step, whoever has none sets it up before anything else. */
final class TakesBothSteps
{
    /** Who one is, how it is set up, and the way out. */
    private const BEFORE = ['me', 'signOut', 'changePassword', 'beginSecondStep', 'confirmSecondStep'];

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->lacksSecondStep() && ! in_array($request->route()?->getName(), self::BEFORE, true)) {
            throw Problem::secondStepMissing();
        }

        return $next($request);
    }
}
