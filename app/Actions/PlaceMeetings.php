<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Plan;
use App\Models\Squad;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\OpenPerson;
use App\Records\PersonLines;
use App\Time\PracticeClock;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\Plan as CorePlan;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\WeekPlacing;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Puts the meetings of a squad into somebody's week, and takes them out again. What the trainer did to one of them there, moved or
 * taken out, stays as it is until the meeting itself changes.
 */
final readonly class PlaceMeetings
{
    public function __construct(private OpenPerson $open, private PersonLines $lines) {}

    /**
     * @param list<Meeting> $before what stood there
     * @param list<Meeting> $after  what stands there now
     */
    public function change(string $id, Squad $squad, array $before, array $after, User $by): void
    {
        [$before, $after] = [self::byName($squad, $before), self::byName($squad, $after)];
        if ($before == $after) {
            return;
        }
        DB::table('people')->where('id', $id)->increment('records');
        $person = Person::query()->findOrFail($id);
        $plan = Plan::query()->where('person_id', $id)->lockForUpdate()->first() ?? new Plan(['id' => strtolower((string) Str::ulid()), 'person_id' => $id, 'slots' => [], 'moves' => [], 'away' => [], 'version' => 0]);
        $session = TrainingSession::query()->where('person_id', $id)->where('squad_id', $squad->id)->value('id');
        $week = $this->open->of($person, $by)->week(PracticeClock::of($by)->today());
        $slots = array_values(array_filter($plan->slots, static fn(array $slot): bool => ! isset($before[$slot['id']]) || isset($after[$slot['id']])));
        foreach ($after as $name => $meeting) {
            $at = array_search($name, array_column($slots, 'id'), true);
            if ($at !== false && isset($before[$name]) && $before[$name] != $meeting) {
                $slots[$at] = [...$slots[$at], ...self::changed($slots[$at], $meeting, $week)];
            } elseif ($at === false && ! isset($before[$name]) && is_string($session) && CorePlan::hasRoomFor([null, ...array_column($slots, 'only')])) {
                $slots[] = self::row($meeting->planned($week->otherwise(), $squad->id, $session, $week->record->method, $week->record->today));
            }
        }
        if ($slots !== $plan->slots) {
            $names = array_column($slots, 'id');
            $moves = array_values(array_filter($plan->moves, static fn(array $move): bool => in_array($move['slot'], $names, true)));
            $plan->fill(['slots' => $slots, 'moves' => $moves, 'version' => $plan->version + 1])->save();
        }
        $this->lines->keep($person->unsetRelations(), $by);
    }

    /**
     * @param list<Meeting> $meetings
     *
     * @return array<string, Meeting>
     */
    private static function byName(Squad $squad, array $meetings): array
    {
        return array_combine(array_map(static fn(Meeting $meeting): string => $meeting->slotId($squad->id), $meetings), $meetings);
    }

    /**
     * The clock time and the effort of a meeting, where it was left standing.
     *
     * @param array{id: string, session: string, day: int, part: string, time?: string|null, placement: string, effort: int, only: string|null, since: string} $slot
     *
     * @return array{time?: string|null, effort?: int}
     */
    private static function changed(array $slot, Meeting $meeting, WeekAtHand $week): array
    {
        return $slot['day'] === $meeting->cell->day && $slot['part'] === $meeting->cell->part->value
            ? ['time' => $meeting->cell->time(), 'effort' => WeekPlacing::effort($week->otherwise()->limits, $meeting->effort)]
            : [];
    }

    /** @return array{id: string, session: string, day: int, part: string, time: string|null, placement: string, effort: int, only: string|null, since: string} */
    private static function row(PlannedSlot $slot): array
    {
        return ['id' => $slot->id, 'session' => $slot->session, 'day' => $slot->cell->day, 'part' => $slot->cell->part->value, 'placement' => $slot->role->value, 'effort' => $slot->effort, 'only' => null, 'time' => $slot->cell->time(), 'since' => $slot->since->iso()];
    }
}
