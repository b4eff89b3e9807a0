<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Dose\DoseWords;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Week\Agenda;
use EvenRungs\Week\AgendaEntry;
use EvenRungs\Week\AgendaSlot;
use EvenRungs\Week\PartTimes;

/** A person's plan as entries of a calendar: sessions of every week, those of single weeks, and weeks of the program ahead. */
final readonly class PlanAgenda
{
    /** @return list<AgendaEntry> none while a danger sign stands */
    public static function of(ProgramAtHand $hand, PartTimes $times): array
    {
        if (! $hand->record->admission()->open) {
            return [];
        }
        $ahead = self::programWeeks($hand);

        return Agenda::of([...self::placed($hand, $ahead), ...self::planned($hand, $ahead)], $hand->plan->away, $times);
    }

    /** @return list<WrittenWeek> of the program, from this week on */
    private static function programWeeks(ProgramAtHand $hand): array
    {
        $monday = $hand->today()->monday();

        return array_values(array_filter($hand->weeks(), static fn(WrittenWeek $week): bool => $week->kind !== WeekKind::Away && ! $week->monday->isBefore($monday)));
    }

    /**
     * What is placed in the week: the usual sessions step back where the program has a week of its own.
     *
     * @param list<WrittenWeek> $ahead
     *
     * @return list<AgendaSlot>
     */
    private static function placed(ProgramAtHand $hand, array $ahead): array
    {
        $placed = $hand->plan->agenda(static function (string $id) use ($hand): array {
            $written = $hand->writtenSession($id);
            $session = $written === null ? null : $hand->permitted($written->blocks);

            return ['Core: '.($written->title ?? 'session'), self::lines($hand, $session), self::minutes($session)];
        });
        $filled = array_fill_keys(array_map(static fn(WrittenWeek $week): string => $week->monday->iso(), $ahead), null);

        return array_map(static fn(AgendaSlot $slot): AgendaSlot => $slot->only === null ? $slot->movedIn([...$filled, ...$slot->moves]) : $slot, $placed);
    }

    /**
     * Sessions of the program that are not written into the week yet, under the name they will have there.
     *
     * @param list<WrittenWeek> $ahead
     *
     * @return list<AgendaSlot>
     */
    private static function planned(ProgramAtHand $hand, array $ahead): array
    {
        $slots = [];
        foreach ($ahead as $week) {
            foreach (array_keys($week->sessions) as $id) {
                $place = $week->places[$id] ?? null;
                $name = ProgramAtHand::slotId($week->monday, $id);
                if ($place !== null && ! $hand->plan->has($name)) {
                    $session = $hand->permitted($hand->asOfToday()->of($week, $id)->blocks);
                    $slots[] = new AgendaSlot($name, "Core: week {$week->ofProgram}, {$place->inWords()}", self::lines($hand, $session), $place->cell, self::minutes($session), $week->monday, $week->monday);
                }
            }
        }

        return $slots;
    }

    /** @return list<string> */
    private static function lines(ProgramAtHand $hand, ?Session $session): array
    {
        return array_map(static fn(Item $item): string => "{$item->rung->name}, ".DoseWords::of($item->dose, $hand->record->method->counting()), $session?->items() ?? []);
    }

    private static function minutes(?Session $session): int
    {
        return max(5, intdiv(($session?->timeline()->totals()->total() ?? 0) + 59, 60));
    }
}
