<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Problem;
use App\Http\Shared\LimitInput;
use App\Models\Clearance;
use App\Models\Person;
use App\Models\PersonLimit;
use EvenRungs\Calendar\Day;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;

/** The limits of a person's body, as they are named with the person: one of each state and side. */
final class PersonLimits
{
    /**
     * Limits that are no longer named are lifted today, new ones begin when they say; none is deleted.
     *
     * @param list<LimitInput> $limits
     */
    public static function keep(Person $person, array $limits, Day $today): void
    {
        $wanted = self::named($limits);
        foreach (self::standing($person) as $name => $row) {
            $limit = $wanted[$name] ?? null;
            if ($limit instanceof LimitInput) {
                $row->update(['note' => $limit->note, 'since' => $limit->since ?? $row->since, 'cleared' => self::cleared($person, $limit)]);
                unset($wanted[$name]);
            } else {
                $row->update(['lifted_on' => $today->iso()]);
            }
        }
        foreach ($wanted as $limit) {
            PersonLimit::query()->create(['id' => strtolower((string) Str::ulid()), 'person_id' => $person->id, 'state' => $limit->state->value, 'side' => $limit->side->value, 'note' => $limit->note, 'since' => $limit->since ?? $today->iso(), 'cleared' => self::cleared($person, $limit)]);
        }
    }

    /**
     * Whether the person has these limits, and says of each the same; where no day is told, any will do.
     *
     * @param list<LimitInput> $limits
     */
    public static function areKept(Person $person, array $limits): bool
    {
        $wanted = self::named($limits);
        $rows = self::standing($person);

        return count($wanted) === $rows->count() && $rows->every(static function (PersonLimit $row, string $name) use ($wanted): bool {
            $limit = $wanted[$name] ?? null;

            return $limit !== null && $limit->note === (string) $row->note && ($limit->since ?? $row->since) === $row->since && ($limit->cleared && $limit->state->canBeCleared()) === $row->cleared;
        });
    }

    /** @return Collection<string, PersonLimit> by state and side */
    private static function standing(Person $person): Collection
    {
        return PersonLimit::query()->where('person_id', $person->id)->whereNull('lifted_on')->get()->keyBy(static fn(PersonLimit $row): string => "{$row->state}|{$row->side}")->toBase();
    }

    /**
     * @param list<LimitInput> $limits
     *
     * @return array<string, LimitInput> by state and side
     */
    private static function named(array $limits): array
    {
        $named = [];
        foreach ($limits as $limit) {
            $named["{$limit->state->value}|{$limit->side->value}"] = $limit;
        }

        return $named;
    }

    /** Whether the limit is cleared: said so, by a state that can be, and with a clearance on record. */
    private static function cleared(Person $person, LimitInput $limit): bool
    {
        if (! $limit->cleared || ! $limit->state->canBeCleared()) {
            return false;
        }
        if (! Clearance::query()->where('person_id', $person->id)->whereNull('undone_at')->exists()) {
            throw Problem::field('limits', 'Record the clinician’s clearance first: it says who cleared what, and until when.');
        }

        return true;
    }
}
