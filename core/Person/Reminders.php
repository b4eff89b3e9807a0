<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Home\MessageKind;
use EvenRungs\Home\Reminder;

/** What a person is reminded of today: the session planned for it, the morning after, a re-test that is due. */
final class Reminders
{
    /**
     * Nobody is reminded while training is closed.
     *
     * @param bool $plannedToday a session is, and not done yet
     * @param bool $reminders    agreed to on training days
     * @param bool $mornings     agreed to
     *
     * @return list<Reminder>
     */
    public static function of(PersonRecord $record, bool $plannedToday, bool $reminders, bool $mornings): array
    {
        if (! $record->admission()->open) {
            return [];
        }
        $due = [];
        $today = $record->today->iso();
        if ($plannedToday && $reminders) {
            $due[] = new Reminder(MessageKind::Training, $today);
        }
        $morning = $mornings ? $record->morningToAsk() : null;
        // Asked for the day after, and not weeks later.
        if ($morning !== null && $morning->log->on->plusDays(1)->equals($record->today)) {
            $due[] = new Reminder(MessageKind::Morning, $morning->log->id);
        }
        if ($record->retest()?->overdue === true && $record->history->lastTest !== null) {
            $due[] = new Reminder(MessageKind::Retest, $record->history->lastTest->iso());
        }

        return $due;
    }
}
