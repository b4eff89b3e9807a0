<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\SetBody;
use EvenRungs\Dose\Timed;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\Gate;
use EvenRungs\Progress\NextDose;
use EvenRungs\Progress\RungSession;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\WrittenItem;

/** What comes down of a dose that was written, where nobody is there to write another: in a circuit, in a primer, and at home. */
final readonly class LighterDose
{
    /**
     * With what the next dose has less of, in a set, of load or of the way, and where the last time speaks against it in no more sets; null
     * where it is no less than written, or where what was written was never done, nothing up to it was too much, and nothing
     * hinders that more is added.
     *
     * @param bool $keepsRounds as of a circuit
     *
     * @return array{WrittenItem, Reason}|null
     */
    public static function of(WrittenItem $item, Rung $rung, Dose $written, PersonRecord $record, bool $keepsRounds): ?array
    {
        $coming = $record->doses()->like($written, $rung);
        if ($coming === null || ! $coming->isLighter && ! $coming->isMost && ! self::wasDone($written, $rung, $record) && ! self::wasTooMuch($written, $rung, $record) || $written->first()::class !== $coming->dose->first()::class) {
            return null;
        }
        if ($written->isFalling() || $coming->dose->isFalling()) {
            // Of falling sets the number is part of the dose.
            $now = $coming->dose->withRest($written->restSeconds);

            return self::isLessInEachSet($now, $written) ? [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), $coming->reason] : null;
        }
        $body = $coming->dose->first();
        $now = $body->target() < $written->first()->target() ? $written->withBody($body) : $written;
        $now = $written->loadGrams !== null && ($coming->dose->loadGrams ?? PHP_INT_MAX) < $written->loadGrams ? $now->withLoad($coming->dose->loadGrams) : $now;
        $now = $written->pull !== null && ($coming->dose->pull->newtons ?? PHP_INT_MAX) < $written->pull->newtons ? $now->withPull($coming->dose->pull) : $now;
        $now = $written->range?->isWiderThan($coming->dose->range) === true ? $now->withRange($coming->dose->range) : $now;
        $now = $coming->isMost && ! $keepsRounds && $coming->dose->sets() < $written->sets() ? $now->withSets($coming->dose->sets()) : $now;

        return $now === $written ? null : [new WrittenItem($item->id, $rung->slug, DoseLine::print($now)), $coming->reason];
    }

    /** Whether as much was done before: less comes next for a reason then, and not because the trainer wrote ahead of it. */
    private static function wasDone(Dose $written, Rung $rung, PersonRecord $record): bool
    {
        return array_filter(self::alike($written, $rung, $record), static fn(RungSession $session): bool => $session->dose->unit() === $written->unit() && ! $written->asksForMoreThan($session->dose)) !== [];
    }

    /** Whether as much, or less, was too much lately: what the trainer wrote ahead of it is a way off. */
    private static function wasTooMuch(Dose $written, Rung $rung, PersonRecord $record): bool
    {
        return array_filter(self::alike($written, $rung, $record), static fn(RungSession $session): bool => $session->date->daysUntil($record->today) <= Gate::REMEMBERS_DAYS
            && $session->dose->unit() === $written->unit() && ! $session->dose->asksForMoreThan($written) && $session->wasTooMuch($record->circumstances()->highestEffort())) !== [];
    }

    /** @return list<RungSession> of the rung, in sets or by the clock as what was written */
    private static function alike(Dose $written, Rung $rung, PersonRecord $record): array
    {
        return NextDose::onRung($rung, $record->rungSessions(Side::Both), $written->first() instanceof Timed);
    }

    private static function isLessInEachSet(Dose $one, Dose $other): bool
    {
        $targets = static fn(Dose $dose): array => array_map(static fn(SetBody $body): int => $body->target(), $dose->bodies);
        foreach ($targets($one) as $set => $target) {
            if ($target > ($targets($other)[$set] ?? 0)) {
                return false;
            }
        }

        return array_sum($targets($one)) < array_sum($targets($other));
    }
}
