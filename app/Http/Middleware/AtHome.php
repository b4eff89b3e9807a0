<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Home\HomeDoor;
use App\Http\Problem;
use App\Models\Person;
use App\Models\Scopes\PracticeScope;
use App\Models\User;
use Closure;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Opens the few routes of a person's own page: to the person of the link and to nobody else. What is read and kept is done for
 * whoever made the link; they are not signed in by it, and no session begins.
 */
final class AtHome
{
    public function handle(Request $request, Closure $next): Response
    {
        $device = HomeDoor::device($request) ?? throw Problem::notAtHome();
        if ($device->admitted_at === null) {
            throw Problem::homeCode();
        }
        $by = User::query()->where('practice_id', $device->practice_id)->whereNull('ended_at')->orderByRaw('id = ? DESC, role = ? DESC', [$device->link->user_id, 'owner'])->firstOrFail();
        // A sign-in of the same browser is somebody else's: here the person is at home.
        /** @var SessionGuard $guard */
        $guard = Auth::guard('web');
        $guard->setUser($by->load('practice'));
        $person = PracticeScope::actingFor($device->practice_id, static fn(): ?Person => Person::query()->whereNull('archived_at')->find($device->person_id));
        $request->route()?->setParameter('person', $person ?? throw Problem::notAtHome());
        if ($device->seen_at === null || $device->seen_at->isBefore(now()->subMinutes(5))) {
            $device->update(['seen_at' => now()]);
        }
        try {
            $response = $next($request);
        } finally {
            $guard->forgetUser();
        }
        $response->headers->set('Cache-Control', 'no-store, private');

        return $response;
    }
}
