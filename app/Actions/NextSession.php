<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use EvenRungs\Calendar\Day;
use EvenRungs\Week\DayPart;

/** The session at hand: the one planned today and not done yet, else the next one planned, else the newest. */
final class NextSession
{
    /** Looked ahead so far: this week and the next. */
    private const DAYS = 14;

    public static function of(Person $person, Day $today): ?TrainingSession
    {
        $sessions = $person->trainingSessions;
        // Where the logs are at hand they are not asked for again: the bench looks at everybody.
        $logs = $person->relationLoaded('logs') ? $person->logs->where('done_on', $today->iso()) : SessionLog::query()->where('person_id', $person->id)->where('done_on', $today->iso())->get();
        $done = $logs->pluck('training_session_id')->all();
        for ($ahead = 0; $ahead < self::DAYS; $ahead++) {
            foreach (self::on($person, $today->plusDays($ahead)) as $id) {
                $row = $sessions->firstWhere('id', $id);
                if ($row !== null && ($ahead > 0 || ! in_array($id, $done, true))) {
                    return $row;
                }
            }
        }

        return $sessions->first();
    }

    /** @return list<string> sessions of a day, in order of time */
    private static function on(Person $person, Day $day): array
    {
        $plan = $person->plan;
        if ($plan === null || in_array($day->iso(), $plan->away, true)) {
            return [];
        }
        $monday = $day->monday()->iso();
        $here = [];
        foreach ($plan->slots as $slot) {
            if ($slot['only'] !== null && $slot['only'] !== $monday) {
                continue;
            }
            $at = ['day' => $slot['day'], 'part' => $slot['part']];
            foreach ($plan->moves as $move) {
                $at = $move['slot'] === $slot['id'] && $move['monday'] === $monday ? ['day' => $move['day'], 'part' => $move['part']] : $at;
            }
            if ($at['day'] === $day->weekday() && $at['part'] !== null) {
                $here[] = [DayPart::from($at['part'])->place(), $slot['session']];
            }
        }
        sort($here);

        return array_column($here, 1);
    }
}
