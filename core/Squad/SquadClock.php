<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Body\Height;
use EvenRungs\Body\Level;
use EvenRungs\Dose\StationClock;
use EvenRungs\Ladder\Rung;

/** One clock for everybody: each station in turn, a change between two of them, round after round. Seconds. */
final readonly class SquadClock
{
    /** From and to, of what may be asked for. */
    public const STATIONS = [2, 8];

    public const WORK = [20, 180];

    public const CHANGE = [10, 120];

    public const ROUNDS = [1, 6];

    public const ROUND_REST = [10, 300];

    /** So long everybody walks to where they begin (our own choice). */
    private const READY = 10;

    /** A squad's rest between two rounds (our own choice). */
    private const USUAL_ROUND_REST = 60;

    /** A squad goes round at least twice, which the tables have for every level (at foundation once or twice). */
    private const LEAST_ROUNDS = 2;

    public function __construct(public int $stations, public int $work, public int $change, public int $rounds, public int $roundRest) {}

    /**
     * As the dose tables have it for the level in the middle of those on which the squad would work: half of them work as long
     * as their own level has it, or less.
     *
     * @param list<Rung> $rungs of everybody, at all stations
     */
    public static function proposed(int $stations, array $rungs): self
    {
        $heights = array_map(static fn(Rung $rung): int => $rung->height->tenths, $rungs);
        sort($heights);
        $middle = $heights === [] ? Level::Foundation : Height::ofTenths($heights[intdiv(count($heights) - 1, 2)])->level();
        $clock = StationClock::at($middle);

        return new self($stations, $clock->work, $clock->rest, max(self::LEAST_ROUNDS, $clock->rounds), self::USUAL_ROUND_REST);
    }

    /** From the first second of work to the last. */
    public function seconds(): int
    {
        return array_sum(array_map(static fn(Turn $turn): int => $turn->kind === TurnKind::Ready ? 0 : $turn->seconds, $this->turns()));
    }

    /** @return list<Turn> from getting ready on; none where there is no station */
    public function turns(): array
    {
        $turns = $this->stations === 0 ? [] : [new Turn(TurnKind::Ready, self::READY, 1, 0)];
        for ($round = 1; $round <= $this->rounds; $round++) {
            for ($place = 0; $place < $this->stations; $place++) {
                $turns[] = new Turn(TurnKind::Work, $this->work, $round, $place);
                if ($place < $this->stations - 1) {
                    $turns[] = new Turn(TurnKind::Change, $this->change, $round, $place + 1);
                } elseif ($round < $this->rounds) {
                    $turns[] = new Turn(TurnKind::Rest, $this->roundRest, $round + 1, 0);
                }
            }
        }

        return $turns;
    }

    /** Where somebody is who began at a station and has moved on so often. */
    public function station(int $start, int $place): int
    {
        return ($start + $place) % max(1, $this->stations);
    }

    /** @return list<int> the stations in the order in which somebody comes to them who begins at one */
    public function way(int $start): array
    {
        return $this->stations === 0 ? [] : array_map(fn(int $place): int => $this->station($start, $place), range(0, $this->stations - 1));
    }
}
