<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\StationClock;
use EvenRungs\Dose\Timed;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\ChangeOver;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Edit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Repair;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Session\Warning;

/** What the stations of a circuit are due more of. It never comes by itself, since the circuit is the trainer's; in one step it is theirs to take. */
final class MoreAtStations
{
    /** @param list<string> $fixed ladders that the trainer has fixed */
    public static function offer(Session $session, PersonRecord $record, array $fixed = []): ?Warning
    {
        $edits = $inputs = [];
        foreach ($session->blocks as $block) {
            if (! $block instanceof Circuit || $block->part() === Part::Primer) {
                continue;
            }
            foreach ($block->stations as $at => $item) {
                $due = in_array($item->rung->ladder, $fixed, true) || $record->isStopped($item->rung->ladder) ? null : self::due($item, $record);
                if ($due === null) {
                    continue;
                }
                $more = $item->dose->withBody($due->dose->first());
                $inputs[$item->rung->name] = DoseLine::print($item->dose).': '.$due->reason->sentence;
                $edits = [...$edits, Edit::dose($item->id, $more), ...self::shorterRest($block, $at, $more)];
            }
        }
        $count = count($inputs);
        if ($count === 0) {
            return null;
        }
        $repair = Repair::by($count === 1 ? 'More at this station' : "More at {$count} stations", ...$edits);
        $length = static fn(?Session $of): string => Totals::clock($of?->timeline()->totals()->total() ?? 0);
        $inputs['length'] = "{$length($session)}, then {$length($repair->appliedTo($session))}";

        return new Warning(
            Reason::because(Rule::UpToDate, $count === 1 ? 'One station is due more than is written.' : "{$count} stations are due more than is written.", $inputs, 'A fault, a wrong place, pain or too much effort keeps the dose.'),
            $repair,
        );
    }

    /** In as many rounds. */
    private static function due(Item $item, PersonRecord $record): ?NextDose
    {
        $due = $item->dose->isFalling() || $record->workingRung($item->rung->ladder)?->slug !== $item->rung->slug ? null : $record->doses()->like($item->dose, $item->rung);
        $body = $due?->dose->first();

        return $due?->rises === true && ! $due->dose->isFalling() && $body !== null && $body::class === $item->dose->first()::class && $body->target() > $item->dose->first()->target() ? $due : null;
    }

    /**
     * What a station by the clock works longer is rested less after it, down to the rest of its level and to what it takes to change.
     *
     * @return list<Edit>
     */
    private static function shorterRest(Circuit $circuit, int $at, Dose $more): array
    {
        [$here, $next, $gap] = [$circuit->stations[$at], $circuit->stations[$at + 1] ?? null, $circuit->gapSeconds[$at] ?? 0];
        if ($next === null || ! $more->first() instanceof Timed) {
            return [];
        }
        $least = max(StationClock::at($here->rung->height->level())->rest, ChangeOver::between($here, $next)->seconds);
        $rest = max($least, $gap - ($more->first()->target() - $here->dose->first()->target()));

        return $rest < $gap ? [Edit::gapAfter($here->id, $rest)] : [];
    }
}
