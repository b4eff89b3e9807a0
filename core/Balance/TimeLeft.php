<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Reps;
use EvenRungs\Method\Counting;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Edit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Repair;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Session\Warning;

/** What minutes left over could give to the weakest demand: a little more of an exercise that is there. */
final class TimeLeft
{
    public static function offer(Session $session, int $target, ?Demand $weakest, Counting $counting): ?Warning
    {
        if ($weakest === null) {
            return null;
        }
        $total = $session->timeline()->totals()->total();
        $left = $target - $total;
        foreach ($session->items() as $item) {
            $dose = $item->rung->demand === $weakest ? self::more($item) : null;
            $longer = $dose === null ? null : Edit::dose($item->id, $dose)->appliedTo($session);
            if ($dose === null || $longer === null) {
                continue;
            }
            $added = $longer->timeline()->totals()->total() - $total;
            if ($added > $left) {
                continue;
            }
            $line = DoseLine::print($dose, $counting);

            return new Warning(Reason::because(
                Rule::FitToTime,
                Totals::clock($left).' left. '.ucfirst($weakest->shortName())." is the weakest: {$item->rung->name} at {$line} adds {$added} s.",
                ['left' => Totals::clock($left), 'weakest demand' => $weakest->shortName(), 'adds' => "{$added} s"],
                'A climb of another demand, or fewer minutes.',
            ), Repair::by("Write {$line}", Edit::dose($item->id, $dose)));
        }

        return null;
    }

    /** Two repetitions more inside the band, or one short hold more up to six. */
    private static function more(Item $item): ?\EvenRungs\Dose\Dose
    {
        $body = $item->dose->first();
        if ($item->dose->isFalling()) {
            return null;
        }
        if ($body instanceof Reps && $item->rung->band !== null && $body->count < $item->rung->band->high) {
            return $item->dose->withBody(Reps::of(min($item->rung->band->high, $body->count + 2)));
        }

        return $body instanceof Holds && $body->count > 1 && $body->count < 6 ? $item->dose->withBody(Holds::of($body->count + 1, $body->seconds, $body->gapSeconds)) : null;
    }
}
