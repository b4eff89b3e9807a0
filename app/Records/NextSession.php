<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Person;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use EvenRungs\Calendar\Day;
use EvenRungs\Week\Agenda;

/** The session at hand: the one planned today and not done yet, else the next one planned, else the newest. */
final class NextSession
{
    public static function of(Person $person, Day $today): ?TrainingSession
    {
        $plan = $person->plan;
        $session = array_column($plan->slots ?? [], 'session', 'id');
        // Where the logs are at hand they are not asked for again: the bench looks at everybody.
        $logs = $person->relationLoaded('logs') ? $person->logs->where('done_on', $today->iso()) : SessionLog::query()->where('person_id', $person->id)->where('done_on', $today->iso())->get();
        $done = array_keys(array_intersect($session, $logs->pluck('training_session_id')->all()));
        $next = Agenda::next(PlacedSlots::of($plan, static fn(): array => ['', [], 0]), $plan->away ?? [], $today, $done);

        return ($next === null ? null : $person->trainingSessions->firstWhere('id', $session[$next])) ?? $person->trainingSessions->first();
    }
}
