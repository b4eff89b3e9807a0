<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Calendar\Day;

/** What is placed in a person's weeks: sessions of every week and of single ones, what differs in single weeks, and days away. */
final readonly class Plan
{
    /** Core sessions a week has room for, three a day. */
    public const ROOM = 21;

    /**
     * @param list<PlannedSlot> $slots
     * @param list<PlanMove>    $moves
     * @param list<string>      $away    dates without training
     * @param int               $version 0 while nothing is kept
     * @param Shape|null        $shape   the weeks were laid out from
     */
    public function __construct(public array $slots = [], public array $moves = [], public array $away = [], public int $version = 0, public ?Shape $shape = null) {}

    /** @return list<PlannedSlot> of every week */
    public function usual(): array
    {
        return array_values(array_filter($this->slots, static fn(PlannedSlot $slot): bool => $slot->only === null));
    }

    /** Whether a session stands in a week from this one on. */
    public function places(string $session, Day $today): bool
    {
        return array_filter($this->slots, static fn(PlannedSlot $slot): bool => $slot->session === $session && ($slot->only === null || ! $slot->only->isBefore($today->monday()))) !== [];
    }

    /**
     * Whether the fullest week has room for its sessions.
     *
     * @param list<string|null> $only the Mondays of sessions that are of one week alone; null for those of every week
     */
    public static function hasRoomFor(array $only): bool
    {
        $weeks = array_count_values(array_filter($only, is_string(...)));

        return count($only) - array_sum($weeks) + max([0, ...array_values($weeks)]) <= self::ROOM;
    }

    public function has(string $slot): bool
    {
        return array_filter($this->slots, static fn(PlannedSlot $one): bool => $one->id === $slot) !== [];
    }

    /** @return list<PlannedSlot> of every week, in which a squad meets then */
    public function meetings(): array
    {
        return array_values(array_filter($this->usual(), static fn(PlannedSlot $slot): bool => Meeting::isAt($slot->id, $slot->cell)));
    }

    /** @return list<PlannedSlot> of every week, that are the person's own */
    public function own(): array
    {
        return array_values(array_filter($this->usual(), static fn(PlannedSlot $slot): bool => ! Meeting::isAt($slot->id, $slot->cell)));
    }

    /** Whether a meeting stands in every week at its own time. */
    public function hasMeeting(string $slot): bool
    {
        return array_filter($this->slots, static fn(PlannedSlot $one): bool => $one->id === $slot && Meeting::isAt($slot, $one->cell)) !== [];
    }

    public function moveOf(PlannedSlot $slot, Day $monday): ?PlanMove
    {
        foreach ($this->moves as $move) {
            if ($move->slot === $slot->id && $move->monday === $monday->iso()) {
                return $move;
            }
        }

        return null;
    }

    /**
     * In the terms of an agenda.
     *
     * @param \Closure(string): array{string, list<string>, int} $content title, lines and minutes of a session by its id
     *
     * @return list<AgendaSlot>
     */
    public function agenda(\Closure $content): array
    {
        return array_map(function (PlannedSlot $slot) use ($content): AgendaSlot {
            $moves = [];
            foreach ($this->moves as $move) {
                if ($move->slot === $slot->id) {
                    $moves[$move->monday] = $move->cell;
                }
            }

            [$title, $lines, $minutes] = $content($slot->session);

            return new AgendaSlot($slot->id, $title, $lines, $slot->cell, $minutes, $slot->since, $slot->only, $moves);
        }, $this->slots);
    }

    /**
     * The session placed next, from a day on, but for those done on it, and when; null when none is.
     *
     * @return array{string, Day}|null
     */
    public function next(Day $today, string ...$done): ?array
    {
        $sessions = array_combine(array_map(static fn(PlannedSlot $slot): string => $slot->id, $this->slots), array_map(static fn(PlannedSlot $slot): string => $slot->session, $this->slots));
        $next = Agenda::next($this->agenda(static fn(): array => ['', [], 0]), $this->away, $today, array_keys(array_intersect($sessions, $done)));

        return $next === null ? null : [$sessions[$next[0]], $next[1]];
    }

    /**
     * Weeks in which every day is away, from a day on.
     *
     * @return list<string> their Mondays, as dates
     */
    public function weeksAway(Day $from): array
    {
        $mondays = [];
        foreach ($this->away as $date) {
            $monday = Day::parse($date)->monday();
            $whole = array_filter(range(0, 6), fn(int $day): bool => ! in_array($monday->plusDays($day)->iso(), $this->away, true)) === [];
            if ($whole && ! $monday->isBefore($from)) {
                $mondays[$monday->iso()] = true;
            }
        }

        return array_keys($mondays);
    }
}
