<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use EvenRungs\Calendar\Day;

/** The session at hand of each of some people: the one planned today and not done yet, else the next one planned, else the newest. */
final class SessionsAtHand
{
    public static function at(string $person, Day $today): ?TrainingSession
    {
        return TrainingSession::query()->whereKey(self::of([$person], $today)[$person] ?? '')->first();
    }

    /**
     * The day of the next session that is placed, and the last day on which that holds; null where nothing is placed.
     *
     * @return array{string|null, string}|null
     */
    public static function on(PersonFile $file): ?array
    {
        $plan = $file->plan();
        $today = $file->record->today;
        if ($plan->slots === []) {
            return null;
        }
        $done = SessionLog::query()->where('person_id', $file->person->id)->where('done_on', $today->iso())->pluck('training_session_id')->all();
        $next = $plan->next($today, ...array_values(array_filter($done, is_string(...))));

        return $next === null ? [null, $today->plusDays(6)->iso()] : [$next[1]->iso(), $next[1]->iso()];
    }

    /**
     * @param list<string> $people
     *
     * @return array<string, string> by person; those without any session are left out
     */
    public static function titles(array $people, Day $today): array
    {
        $ids = self::of($people, $today);

        return TrainingSession::query()->whereKey(array_values($ids))->get(['person_id', 'title'])->mapWithKeys(static fn(TrainingSession $row): array => [$row->person_id => $row->title])->all();
    }

    /**
     * @param list<string> $people
     *
     * @return array<string, string> by person
     */
    public static function of(array $people, Day $today): array
    {
        $done = [];
        foreach (SessionLog::query()->whereIn('person_id', $people)->where('done_on', $today->iso())->get(['person_id', 'training_session_id']) as $log) {
            $done[$log->person_id][] = $log->training_session_id;
        }
        $planned = [];
        foreach (Plan::query()->whereIn('person_id', $people)->get() as $plan) {
            $next = $plan->inCore()->next($today, ...$done[$plan->person_id] ?? []);
            $planned += $next === null ? [] : [$plan->person_id => $next[0]];
        }
        // What was planned may have been let go of since.
        $there = TrainingSession::query()->whereKey(array_values($planned))->pluck('id', 'person_id')->all();
        $there = array_filter($there, is_string(...));
        $open = array_diff($people, array_keys($there));
        // What a squad does on its evening is at hand where there is nothing of one's own.
        $newest = self::newest($open, ofSquads: false);

        return [...self::newest(array_diff($open, array_keys($newest)), ofSquads: true), ...$newest, ...$there];
    }

    /**
     * @param array<int, string> $people
     *
     * @return array<string, string> by person
     */
    private static function newest(array $people, bool $ofSquads): array
    {
        $ids = $people === [] ? [] : TrainingSession::query()->whereNull('squad_id', not: $ofSquads)->whereIn('person_id', $people)->groupBy('person_id')->selectRaw('person_id, MAX(id) AS id')->pluck('id', 'person_id')->all();

        return array_filter($ids, is_string(...));
    }
}
