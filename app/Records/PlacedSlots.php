<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Plan;
use EvenRungs\Calendar\Day;
use EvenRungs\Week\AgendaSlot;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;

/** What a person's plan places in the weeks, in the terms of an agenda. */
final class PlacedSlots
{
    /**
     * @param \Closure(string): array{string, list<string>, int} $content title, lines and minutes of a session by its id
     *
     * @return list<AgendaSlot>
     */
    public static function of(?Plan $plan, \Closure $content): array
    {
        $slots = [];
        foreach ($plan->slots ?? [] as $slot) {
            $moves = [];
            foreach ($plan->moves ?? [] as $move) {
                if ($move['slot'] === $slot['id']) {
                    $moves[$move['monday']] = $move['day'] === null || $move['part'] === null ? null : new Cell($move['day'], DayPart::from($move['part']));
                }
            }
            [$title, $lines, $minutes] = $content($slot['session']);
            $slots[] = new AgendaSlot($slot['id'], $title, $lines, new Cell($slot['day'], DayPart::from($slot['part'])), $minutes, Day::parse($slot['since']), $slot['only'] === null ? null : Day::parse($slot['only']), $moves);
        }

        return $slots;
    }
}
