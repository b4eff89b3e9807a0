<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Need;
use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Lever;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\Timeline;

/** What a dose trains; several may hold (common practice). */
enum Quality: string
{
    case Endurance = 'endurance';
    case Strength = 'strength';
    case Stability = 'stability';

    /** From so many repetitions on, each side, a set is one of endurance. */
    private const MANY = 20;

    /** Up to so many repetitions a load is one of strength. */
    private const FEW = 15;

    /** A pause from so many seconds on is a hold. */
    private const HELD_SECONDS = 5;

    public function inWords(): string
    {
        return match ($this) {
            self::Endurance => 'endurance: held, or 20 repetitions and more',
            self::Strength => 'strength: a load, and at most 15 repetitions',
            self::Stability => 'stability: fewer limbs, less base or ground that gives way',
        };
    }

    /** @return array<string, int> seconds of work by quality; a second may count for several */
    public static function work(Session $session, Timeline $timeline): array
    {
        $totals = $timeline->totalsByItem();
        $seconds = array_fill_keys(array_column(self::cases(), 'value'), 0);
        foreach ($session->items() as $item) {
            foreach (self::of($item) as $quality) {
                $seconds[$quality->value] += $totals[$item->id]->work;
            }
        }

        return $seconds;
    }

    /** @return list<self> */
    public static function of(Item $item): array
    {
        return array_values(array_filter(self::cases(), static fn(self $quality): bool => match ($quality) {
            self::Endurance => self::isEndured($item),
            self::Strength => self::isLoaded($item) && self::isFew($item),
            self::Stability => in_array($item->rung->lever, [Lever::BaseOfSupport, Lever::LimbsMoving, Lever::Surface], true),
        }));
    }

    private static function isEndured(Item $item): bool
    {
        $body = $item->dose->first();

        return match (true) {
            $body instanceof Holds, $body instanceof AccumulatedHold => true,
            $body instanceof Timed => ! $item->rung->dynamic || self::repetitions($item, $body) >= self::MANY,
            $body instanceof Open && $body->unit() === Unit::Seconds => true,
            default => $item->dose->unit() === Unit::Reps && (self::repetitions($item, $body) >= self::MANY || $item->rung->tempoOf($item->dose)->pauseHigh->seconds >= self::HELD_SECONDS),
        };
    }

    private static function isLoaded(Item $item): bool
    {
        return $item->dose->loadGrams !== null || array_filter($item->rung->kit, static fn(Need $need): bool => $need->isWeight()) !== [];
    }

    private static function isFew(Item $item): bool
    {
        $body = $item->dose->first();

        return $body instanceof Carry || (($item->dose->unit() === Unit::Reps || $body instanceof Timed) && self::repetitions($item, $body) <= self::FEW);
    }

    /** Of a set, each side; of work by the clock as many as go into it. */
    private static function repetitions(Item $item, mixed $body): int
    {
        return match (true) {
            $body instanceof Reps => $body->count,
            $body instanceof Open => $body->estimate,
            $body instanceof Timed => intdiv($body->seconds, max(1, $item->rung->tempoOf($item->dose)->repSeconds()) * ($item->rung->sidedness->countsEachSide() ? 2 : 1)),
            default => 0,
        };
    }
}
