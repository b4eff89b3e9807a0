<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Library;
use EvenRungs\Load\SessionLoad;
use EvenRungs\Log\EndReason;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\RungSession;
use EvenRungs\Progress\SetLog;
use EvenRungs\Progress\StartPain;
use EvenRungs\Session\SetClock;

/** A session as it was done. */
final readonly class LoggedSession
{
    /**
     * @param string              $session  the written session it was coached from
     * @param int                 $sequence order in time
     * @param int|null            $seconds  that were spent; null when nobody knows
     * @param list<LoggedSet>     $sets     by number
     * @param list<MorningAnswer> $mornings in order of time
     * @param list<StartPain>     $before   pain that was there before the first set
     * @param EndReason|null      $endedWhy before its last set; null where it did not, or nobody said
     * @param bool                $atHome   alone, and told by the person
     * @param int|null            $told     when it was told, in order of time; as it was done where null
     */
    public function __construct(
        public string $id,
        public string $session,
        public Day $on,
        public int $sequence,
        public ?int $seconds,
        public array $sets,
        public array $mornings,
        public array $before = [],
        public ?EndReason $endedWhy = null,
        public bool $atHome = false,
        public ?int $told = null,
    ) {}

    /** @return list<string> slugs, each once */
    public function ladders(): array
    {
        return array_values(array_unique(array_map(static fn(LoggedSet $set): string => $set->ladder(), $this->sets)));
    }

    /** Highest pain told in a set; null when none was. */
    public function highestPain(): ?int
    {
        $told = array_filter(array_map(static fn(LoggedSet $set): ?int => $set->pain, $this->sets), is_int(...));

        return $told === [] ? null : max($told);
    }

    /** Pain that acts was told of a set, so much was there before the first that nothing which loads it is trained, or it ended since it hurt. */
    public function tellsOfPain(): bool
    {
        return Pain::acts($this->highestPain() ?? 0) || $this->hidesPain() || array_filter($this->before, static fn(StartPain $start): bool => Pain::stops($start->pain)) !== [];
    }

    /** It ended since it hurt, and nobody has told how much: that is not none. */
    public function hidesPain(): bool
    {
        return $this->endedWhy === EndReason::Pain && ($this->highestPain() ?? 0) === 0;
    }

    /** Whether pain of this session, or of the morning after it, may have stopped something: what was there before it is none. */
    public function stopsSomething(): bool
    {
        return array_filter($this->sets, static fn(LoggedSet $set): bool => $set->stops()) !== []
            || array_filter($this->mornings, static fn(MorningAnswer $answer): bool => $answer->morning->isBad()) !== [];
    }

    /** When the last was told of it that may stop the ladder on a side, in order of time: a device without a network tells later than it was done, and a correction later still. */
    public function toldAt(string $ladder, Side $side): int
    {
        $sets = array_filter($this->sets, static fn(LoggedSet $set): bool => $set->ladder() === $ladder && $set->stops() && ($set->painSide ?? $side)->meets($side));
        $mornings = array_filter($this->mornings, static fn(MorningAnswer $answer): bool => $answer->ladder === $ladder && $answer->morning->isBad());

        return max([
            $this->told ?? $this->sequence,
            ...array_map(static fn(LoggedSet $set): int => $set->told ?? 0, array_values($sets)),
            ...array_map(static fn(MorningAnswer $answer): int => $answer->sequence, array_values($mornings)),
        ]);
    }

    public function load(): SessionLoad
    {
        return SessionLoad::of($this->on, $this->efforts(), $this->seconds);
    }

    /** @return list<int> those that were told, 0–10 */
    public function efforts(): array
    {
        return array_values(array_filter(array_map(static fn(LoggedSet $set): ?int => $set->effort, $this->sets), is_int(...)));
    }

    /**
     * Each exercise once, with what was done on the given side. An exercise of the other side alone is not one of this side.
     *
     * @return list<RungSession>
     */
    public function exercises(Library $library, Side $side): array
    {
        $byItem = [];
        foreach ($this->sets as $set) {
            // Sets that an easier version took over are sets of that version.
            $byItem["{$set->item} {$set->rung}"][] = $set;
        }

        return array_values(array_filter(array_map(fn(array $sets): ?RungSession => $this->exercise($sets, $library, $side), $byItem)));
    }

    /** @param non-empty-list<LoggedSet> $sets of one exercise in one version */
    private function exercise(array $sets, Library $library, Side $side): ?RungSession
    {
        $rung = $library->rung($sets[0]->rung);
        $planned = $rung->ranged(DoseLine::parse($sets[0]->dose, $rung->sidedness), $sets[0]->rung);
        $seen = $side === Side::Both ? $planned : $planned->asSeenFrom($side);
        if ($seen === null) {
            return null;
        }
        $morning = null;
        foreach ($this->mornings as $answer) {
            $morning = $answer->ladder === $rung->ladder ? $answer->morning : $morning;
        }

        $isOptional = static fn(LoggedSet $set): bool => $set->number > $planned->allSets() && $set->number <= $planned->allSets() + $planned->optionalSets;
        $seenFrom = fn(LoggedSet $set): SetLog => $set->seenFrom($set->number > $planned->sets() && ! $isOptional($set) ? $planned->extraSide ?? $side : $side, $rung, $this->before);
        $own = array_filter($sets, static fn(LoggedSet $set): bool => $side === Side::Both || (($isOptional($set) ? $planned->only : $planned->sideOf($set->number)) ?? $side) === $side);

        $done = new RungSession(
            $this->on,
            $rung,
            $seen,
            array_values(array_map($seenFrom, array_filter($own, static fn(LoggedSet $set): bool => ! $isOptional($set)))),
            $this->sequence,
            $morning,
            array_values(array_map($seenFrom, array_filter($own, $isOptional))),
            $sets[0]->insteadOf === null || ! $library->has($sets[0]->insteadOf) ? null : $library->rung($sets[0]->insteadOf)->slug,
            $this->told,
        );
        $body = $seen->first();

        return $planned->only === null || ! $body instanceof Timed
            ? $done
            : $done->asStation($seen->onlyOn(Side::Both)->withBody(Timed::of(SetClock::stationOf($body->seconds))), static fn(?int $side): ?int => self::ofStation($side, $body->seconds));
    }

    /** Seconds of one side, of those it was asked for, in those of the whole station: what fell short falls short of it. */
    private static function ofStation(?int $side, int $asked): ?int
    {
        $station = SetClock::stationOf($asked);

        return match (true) {
            $side === null => null,
            $side >= $asked => $station + $side - $asked,
            default => min($station - 1, SetClock::stationOf($side)),
        };
    }
}
