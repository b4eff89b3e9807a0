<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Body\Demand;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A squad in one session: people by stations, each on their own rung, on one clock. */
final readonly class Squad
{
    /** As many as one trainer can see at once, and then some (our own choice). */
    public const MOST = 16;

    /** Seconds to another position, as between exercises; what a station needs lies there already. */
    private const CHANGE_OF_POSITION = 20;

    /**
     * @param list<Ladder>      $stations
     * @param list<SquadMember> $members  in the order they stand in line
     */
    private function __construct(public array $stations, public SquadClock $clock, public array $members) {}

    /**
     * @param list<Ladder>       $stations
     * @param list<PersonRecord> $records
     */
    public static function of(array $stations, SquadClock $clock, array $records): self
    {
        return new self($stations, $clock, array_map(static fn(PersonRecord $record): SquadMember => SquadMember::of($record, $stations, $clock), $records));
    }

    /**
     * What a squad of these people begins with: a station for each demand that every week has to meet, and for the hip, on the
     * ladder most of them stand on; and the clock of their levels.
     *
     * @param list<PersonRecord> $records
     */
    public static function proposed(Library $library, array $records): self
    {
        $stations = self::stations($library, $records);
        $count = count($stations);

        return self::of($stations, SquadClock::proposed($count, self::of($stations, SquadClock::proposed($count, []), $records)->rungs()), $records);
    }

    /**
     * @param list<PersonRecord> $records
     *
     * @return list<Ladder>
     */
    private static function stations(Library $library, array $records): array
    {
        $stand = [];
        foreach ($records as $record) {
            foreach (array_keys($record->workingRungs()) as $ladder) {
                $stand[$ladder] = ($stand[$ladder] ?? 0) + 1;
            }
        }
        $stations = [];
        foreach ([...Demand::everyWeek(), Demand::HipStability] as $demand) {
            $best = null;
            foreach ($library->ladders() as $ladder) {
                if ($ladder->demand === $demand && ($best === null || ($stand[$ladder->slug] ?? 0) > ($stand[$best->slug] ?? 0))) {
                    $best = $ladder;
                }
            }
            if ($best !== null) {
                $stations[] = $best;
            }
        }

        return $stations;
    }

    /**
     * Where each begins: one at a station after the other, and again from the first where there are more people than stations.
     *
     * @param list<int> $here numbers of the members who are here today
     *
     * @return array<int, int> station by number of the member; of those who train
     */
    public function starts(array $here): array
    {
        $starts = [];
        foreach ($here as $number) {
            if ($this->members[$number]->trains()) {
                $starts[$number] = count($starts) % max(1, $this->clock->stations);
            }
        }

        return $starts;
    }

    /**
     * What has to lie at a station, by how many need it at the same time: those who began together stay together.
     *
     * @param array<int, int> $starts
     *
     * @return array<string, int>
     */
    public function kit(int $station, array $starts): array
    {
        $most = [];
        foreach (array_unique($starts) as $group) {
            $needs = [];
            foreach (array_keys($starts, $group, true) as $number) {
                foreach ($this->members[$number]->places[$station]->rung()->kit ?? [] as $need) {
                    $needs[$need->label()] = ($needs[$need->label()] ?? 0) + 1;
                }
            }
            foreach ($needs as $label => $count) {
                $most[$label] = max($most[$label] ?? 0, $count);
            }
        }
        ksort($most);

        return $most;
    }

    /** @return list<Reason> what the trainer should know of the stations */
    public function notes(): array
    {
        $notes = [];
        $met = array_map(static fn(Ladder $ladder): Demand => $ladder->demand, $this->stations);
        foreach (Demand::everyWeek() as $demand) {
            if (! in_array($demand, $met, true)) {
                $notes[] = Reason::because(Rule::WorkShares, ucfirst($demand->shortName()).' has no station: meet it on another day of the week.', ['demand' => $demand->value], 'A station for it.');
            }
        }
        if ($this->clock->change < self::CHANGE_OF_POSITION) {
            $notes[] = Reason::because(Rule::CircuitChangeOver, "{$this->clock->change} s is shorter than it takes to come to another position, kit and all lying there: ".self::CHANGE_OF_POSITION.' s.', ['change' => "{$this->clock->change} s"], 'A longer change, or stations in the same position.');
        }
        $shorter = $working = 0;
        foreach ($this->members as $member) {
            foreach ($member->places as $place) {
                $working += $place->item === null ? 0 : 1;
                $shorter += $place->item !== null && $place->written() < $this->clock->work ? 1 : 0;
            }
        }
        if ($shorter * 2 > $working) {
            $usual = SquadClock::proposed($this->clock->stations, $this->rungs());
            $notes[] = Reason::because(Rule::SquadClock, "{$this->clock->work} s is more than most of them work: {$shorter} of {$working} places are shorter. As their levels have it: {$usual->work} s, then {$usual->change} s.", ['station' => "{$this->clock->work} s", 'shorter' => "{$shorter} of {$working}"], 'A shorter station.');
        }

        return $notes;
    }

    /** @return list<Rung> of everybody, at all stations */
    public function rungs(): array
    {
        return array_merge([], ...array_map(static fn(SquadMember $member): array => $member->rungs(), $this->members));
    }
}
