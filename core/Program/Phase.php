<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Level;
use EvenRungs\Body\Need;
use EvenRungs\Body\Position;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\TimeKind;

/** What leads in a week: programs go from still to moving to standing work as the rungs rise (common practice). */
enum Phase: string
{
    case Still = 'still';
    case Moving = 'moving';
    case Standing = 'standing';

    /** What its reason calls the level it goes by. */
    public const LEVEL = 'level of the person';

    private const PASSES_FROM_WEEKS = 8;

    /** A pause from so many seconds on is a hold. */
    private const HELD_SECONDS = 5;

    /**
     * The kind with the most time under tension; the later one when two are equal.
     *
     * @param list<Session> $sessions
     *
     * @return array{self, int}|null the phase and its share in per cent; null where there is no work
     */
    public static function of(array $sessions): ?array
    {
        $seconds = array_fill_keys(array_map(static fn(self $phase): string => $phase->value, self::cases()), 0);
        foreach ($sessions as $session) {
            foreach ($session->timeline()->segments as $segment) {
                if ($segment->stretch === TimeKind::Work) {
                    $seconds[self::ofSegment($segment)->value] += $segment->seconds;
                }
            }
        }
        $sum = array_sum($seconds);
        $leads = self::Still;
        foreach (self::cases() as $phase) {
            if ($seconds[$phase->value] >= $seconds[$leads->value]) {
                $leads = $phase;
            }
        }

        return $sum === 0 ? null : [$leads, intdiv(200 * $seconds[$leads->value] + $sum, 2 * $sum)];
    }

    /**
     * What should lead in a week (our own choice, after common practice): the first weeks of somebody up to beginner are
     * mostly held, from intermediate on mostly moving, from advanced on at least a third standing, loaded or quick. A program
     * of eight weeks and more goes on to the next half way.
     *
     * @param int $number of the week, from 1
     */
    public static function planned(Level $level, int $number, int $weeks): self
    {
        $first = match ($level) {
            Level::Foundation, Level::Beginner => 0,
            Level::Intermediate => 1,
            Level::Advanced, Level::Performance => 2,
        };

        return self::cases()[min(2, $first + (int) ($weeks >= self::PASSES_FROM_WEEKS && 2 * $number > $weeks))];
    }

    /** What an exercise at a dose counts for. */
    public function has(Rung $rung, Dose $dose): bool
    {
        return match ($this) {
            self::Still => self::isHeld($rung, $dose),
            self::Moving => ! self::isHeld($rung, $dose),
            self::Standing => in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true)
                || $dose->loadGrams !== null || array_filter($rung->kit, static fn(Need $need): bool => $need->isWeight()) !== []
                || $rung->tempoOf($dose)->lifting->asFastAsControlled,
        };
    }

    /**
     * All that an exercise counts for: two that differ in it do not stand in for each other in a program.
     *
     * @return list<self>
     */
    public static function all(Rung $rung, Dose $dose): array
    {
        return array_values(array_filter(self::cases(), static fn(self $phase): bool => $phase->has($rung, $dose)));
    }

    /** The farthest phase an exercise counts for. */
    public static function reached(Rung $rung, Dose $dose): self
    {
        return match (true) {
            self::Standing->has($rung, $dose) => self::Standing,
            self::isHeld($rung, $dose) => self::Still,
            default => self::Moving,
        };
    }

    /**
     * @param array<Session> $sessions
     *
     * @return int|null tenths of a per cent of the work that counts for it; null where there is no work
     */
    public function perMilleOf(array $sessions): ?int
    {
        $there = $all = 0;
        foreach ($sessions as $session) {
            $totals = $session->timeline()->totalsByItem();
            foreach ($session->items() as $item) {
                $all += $totals[$item->id]->work;
                $there += $this->has($item->rung, $item->dose) ? $totals[$item->id]->work : 0;
            }
        }

        return $all === 0 ? null : intdiv(2000 * $there + $all, 2 * $all);
    }

    /**
     * That it should lead in a week, and that it does not where the rungs and the aim do not give it; null where there is no work.
     *
     * @param array<Session> $sessions
     */
    public function leading(array $sessions, string $level): ?Reason
    {
        $perMille = $this->perMilleOf($sessions);
        if ($perMille === null) {
            return null;
        }
        $isReached = $perMille >= $this->leastPerMille();
        $why = match (true) {
            $isReached => '',
            $perMille === 0 => " Nothing here is {$this->inWords()}.",
            default => ' More of it would be farther from the aim.',
        };

        return Reason::because(
            Rule::ProgramPhase,
            ucfirst($this->inWords()).' work should lead: at least '.($this === self::Standing ? 'a third' : 'half').' of it, '.intdiv($perMille + 5, 10).' % here.'.$why,
            [self::LEVEL => $level, 'phases' => 'still, then moving, then standing'],
            $isReached ? 'A later week, or climbs before it.' : 'Rungs placed or fixed that are '.$this->inWords().'.',
        );
    }

    /** At least so much of the work, in tenths of a per cent. */
    public function leastPerMille(): int
    {
        return $this === self::Standing ? 333 : 500;
    }

    public function isAfter(self $other): bool
    {
        return array_search($this, self::cases(), true) > array_search($other, self::cases(), true);
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Still => 'held',
            self::Moving => 'moving',
            self::Standing => 'standing, loaded or quick',
        };
    }

    /** The same in one word. */
    public function word(): string
    {
        return $this === self::Still ? 'held' : $this->value;
    }

    private static function isHeld(Rung $rung, Dose $dose): bool
    {
        $body = $dose->first();

        return $body instanceof Holds || $body instanceof AccumulatedHold || ($body instanceof Timed && ! $rung->dynamic) || ($dose->unit() === Unit::Reps && $rung->tempoOf($dose)->pauseHigh->seconds >= self::HELD_SECONDS);
    }

    private static function ofSegment(Segment $segment): self
    {
        $rung = $segment->item->rung;

        return match (true) {
            in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true) => self::Standing,
            $rung->dynamic => self::Moving,
            default => self::Still,
        };
    }
}
