<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Person\RecordController;
use App\Models\Access;
use App\Models\Person;
use App\Models\Squad;
use App\Models\SquadMember;
use App\Models\User;
use App\Time\PracticeClock;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Notes who reads and who changes the record of a person. Reading is noted once an hour for each sign-in, so that looking costs
 * no writing; a change is noted in its own transaction. What only asks by POST changes nothing, and needs the page it is asked
 * from, which was read.
 */
final readonly class NotesAccess
{
    private const READ = 'records_read';

    private const ATTEMPTS = 5;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        [$route, $user] = [$request->route(), $request->user()];
        if (! $route instanceof Route || ! $user instanceof User || ! $response->isSuccessful() || in_array(OneWritingAtATime::class, $route->excludedMiddleware(), true)) {
            return $response;
        }
        [$person, $squad] = [$request->route('person'), $request->route('squad')];
        $id = $person instanceof Person ? $person->id : $person;
        $read = match (true) {
            is_string($id) => [$id],
            // What is written for its people is noted where it is written.
            $squad instanceof Squad => array_filter(SquadMember::query()->where('squad_id', $squad->id)->pluck('person_id')->all(), is_string(...)),
            default => [],
        };
        if (is_string($id) && ! $request->isMethodSafe()) {
            Access::note($user, $id, PracticeClock::of($user)->today()->iso(), self::step($route));

            return $response;
        }
        foreach ($read as $one) {
            if (! $this->isKnown($request, $one)) {
                // Views are opened by several requests at once; and whoever has a person waiting reads on, noted or not.
                rescue(static fn() => DB::transaction(static fn() => Access::note($user, $one, PracticeClock::of($user)->today()->iso(), null), self::ATTEMPTS));
            }
        }

        return $response;
    }

    /** The room of the controller: rooms are named by the steps. */
    private static function step(Route $route): string
    {
        $class = explode('\\', $route->getControllerClass() ?? RecordController::class);

        return strtolower($class[count($class) - 2]);
    }

    /** Whether it was read in this hour under this sign-in. */
    private function isKnown(Request $request, string $person): bool
    {
        $hour = gmdate('YmdH', (int) now()->timestamp);
        $read = $request->session()->get(self::READ);
        $people = is_array($read) && ($read['hour'] ?? null) === $hour && is_array($read['people'] ?? null) ? $read['people'] : [];
        if (in_array($person, $people, true)) {
            return true;
        }
        $request->session()->put(self::READ, ['hour' => $hour, 'people' => [...$people, $person]]);

        return false;
    }
}
