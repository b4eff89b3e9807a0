<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Person;
use App\Models\Squad;
use App\Models\SquadMember;
use App\Models\User;
use App\Records\OpenSquad;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Squad\Squad as SquadInCore;
use EvenRungs\Squad\SquadClock;
use EvenRungs\Week\Meeting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Keeps who is of a squad, its stations and its clock. */
final readonly class KeepSquad
{
    /** A practice has no more than this. */
    public const MOST = 100;

    private const ATTEMPTS = 5;

    public function __construct(private OpenSquad $open, private WriteSquadSessions $sessions, private PlaceMeetings $meetings) {}

    /**
     * A new squad, with the stations and the clock that are proposed for its people.
     *
     * @param list<string> $people in line
     */
    public function begin(string $id, string $name, array $people, Day $today, User $by): Squad
    {
        $row = Squad::query()->create(['id' => $id, 'name' => $name, 'version' => 1, ...self::columns([], new SquadClock(0, SquadClock::WORK[0], SquadClock::CHANGE[0], 1, SquadClock::ROUND_REST[0]))]);
        self::inLine($row, array_map(static fn(string $person): array => ['person' => $person, 'here' => true], $people), $today);
        $row->update(self::ofProposal($this->open->of($row, $by)->proposal()));

        return $row;
    }

    /**
     * @param array<string, mixed>                    $columns name, stations, clock, kit and meets
     * @param list<array{person: string, here: bool}> $members in line
     *
     * @return bool false where somebody else changed it since that version, and nothing was written
     */
    public function change(Squad $squad, int $version, array $columns, array $members, Day $today, User $by): bool
    {
        return DB::transaction(function () use ($squad, $version, $columns, $members, $today, $by): bool {
            $row = Squad::query()->lockForUpdate()->findOrFail($squad->id);
            [$meetings, $people] = [$row->meetings(), self::people($row)];
            $row->fill($columns);
            if ($row->version !== $version) {
                // One's own, whose answer was lost on its way.
                return $row->version === $version + 1 && ! $row->isDirty() && self::line($row, $today) === $members;
            }
            $isOther = $row->isDirty();
            $row->fill(['version' => $version + 1])->save();
            self::inLine($row, $members, $today);
            if ($isOther || $people !== self::people($row)) {
                $this->inTheirWeeks($row, $people, $meetings, $by);
            }

            return true;
        }, self::ATTEMPTS);
    }

    /** Lets go of a squad: it stands in nobody's week any more. */
    public function letGo(Squad $squad, User $by): void
    {
        DB::transaction(function () use ($squad, $by): void {
            $row = Squad::query()->lockForUpdate()->findOrFail($squad->id);
            foreach (self::people($row) as $person) {
                $this->meetings->change($person, $row, $row->meetings(), [], $by);
            }
            $row->delete();
        }, self::ATTEMPTS);
    }

    public function bringBack(Squad $squad, User $by): void
    {
        DB::transaction(function () use ($squad, $by): void {
            $row = Squad::withTrashed()->lockForUpdate()->findOrFail($squad->id);
            $row->restore();
            foreach (self::people($row) as $person) {
                $this->meetings->change($person, $row, [], $row->meetings(), $by);
            }
        }, self::ATTEMPTS);
    }

    /**
     * Everybody's session as it is now, and the meetings in the weeks of those who are of it.
     *
     * @param list<string>  $people   who were of it
     * @param list<Meeting> $meetings as they were
     */
    private function inTheirWeeks(Squad $row, array $people, array $meetings, User $by): void
    {
        if ($row->meetings() !== []) {
            $file = $this->open->of($row, $by);
            $this->sessions->write($file, $by, array_keys($file->files));
        }
        $now = self::people($row);
        $all = array_values(array_unique([...$people, ...$now]));
        sort($all);
        foreach ($all as $person) {
            $this->meetings->change($person, $row, in_array($person, $people, true) ? $meetings : [], in_array($person, $now, true) ? $row->meetings() : [], $by);
        }
    }

    /** @return list<string> always in the same order: two who write at once wait for each other */
    private static function people(Squad $row): array
    {
        return array_values(array_filter(SquadMember::query()->where('squad_id', $row->id)->orderBy('person_id')->pluck('person_id')->all(), is_string(...)));
    }

    /** @return array{stations: list<string>, work_seconds: int, change_seconds: int, rounds: int, round_rest_seconds: int} */
    private static function ofProposal(SquadInCore $proposal): array
    {
        return self::columns(array_map(static fn(Ladder $ladder): string => $ladder->slug, $proposal->stations), $proposal->clock);
    }

    /**
     * @param list<string> $stations
     *
     * @return array{stations: list<string>, work_seconds: int, change_seconds: int, rounds: int, round_rest_seconds: int}
     */
    public static function columns(array $stations, SquadClock $clock): array
    {
        return ['stations' => $stations, 'work_seconds' => $clock->work, 'change_seconds' => $clock->change, 'rounds' => $clock->rounds, 'round_rest_seconds' => $clock->roundRest];
    }

    /** @return list<array{person: string, here: bool}> those who are shown: who was put away is not */
    private static function line(Squad $row, Day $today): array
    {
        return array_values(SquadMember::query()->where('squad_id', $row->id)->whereIn('person_id', Person::query()->whereNull('archived_at')->select('id'))->orderBy('place')->get()->map(static fn(SquadMember $member): array => ['person' => $member->person_id, 'here' => $member->away_on !== $today->iso()])->all());
    }

    /**
     * Who was put away meanwhile stays of the squad, at the end of the line.
     *
     * @param list<array{person: string, here: bool}> $members
     */
    private static function inLine(Squad $row, array $members, Day $today): void
    {
        $known = SquadMember::query()->where('squad_id', $row->id)->get()->keyBy('person_id');
        $away = Person::query()->whereKey($known->keys()->all())->whereNotNull('archived_at')->pluck('id')->all();
        SquadMember::query()->where('squad_id', $row->id)->whereNotIn('person_id', [...array_column($members, 'person'), ...$away])->delete();
        foreach ($members as $place => ['person' => $person, 'here' => $isHere]) {
            $member = $known[$person] ?? new SquadMember(['id' => strtolower((string) Str::ulid()), 'squad_id' => $row->id, 'person_id' => $person]);
            $member->fill(['place' => $place, 'away_on' => $isHere ? null : $today->iso()])->save();
        }
        foreach (array_diff($away, array_column($members, 'person')) as $at => $person) {
            $known[$person]?->update(['place' => count($members) + $at]);
        }
    }
}
