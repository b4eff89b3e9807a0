<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Body\Limit;
use EvenRungs\Method\Answer;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;

/** Where one more session fits best into a week. */
final readonly class WeekPlacing
{
    /** A session whose effort nobody has planned yet. */
    public const EFFORT = 6;

    /**
     * The free part of a day with the fewest clashes; then a training day, the placement of the method, and as far
     * from other core days as can be. Null when no part of the week is free.
     *
     * @param list<int> $notOn days that are left alone
     */
    public static function suggest(CoreWeek $week, SlotContent $content, Method $method, array $notOn = []): ?CoreSlot
    {
        $effort = self::effort($week->limits);
        $best = null;
        foreach (Cell::week() as $cell) {
            if (! $week->isFree($cell) || in_array($cell->day, $notOn, true)) {
                continue;
            }
            $usual = self::role($week, $cell, $method);
            // Daily practice that would clash with the training of its part of the day can come after it.
            foreach ($usual === SessionRole::Daily && $week->hasTrainingAt($cell) ? [$usual, SessionRole::Finisher] : [$usual] as $role) {
                $slot = new CoreSlot('new', $cell, $role, $effort, $content);
                $rank = [
                    count(Clashes::in($week->adding($slot))),
                    (int) ! in_array($cell->day, $week->days, true),
                    self::strangeness($week, $slot, $method),
                    -min(array_map(static fn(int $day): int => Weekday::apart($day, $cell->day), $week->coreDays()) ?: [0]),
                    -$cell->part->place(),
                    $cell->index(),
                    (int) ($role !== $usual),
                ];
                if ($best === null || $rank < $best[0]) {
                    $best = [$rank, $slot];
                }
            }
        }

        return $best[1] ?? null;
    }

    /**
     * What is planned of an effort that is asked for: no more than each limit allows.
     *
     * @param list<Limit> $limits
     */
    public static function effort(array $limits, int $asked = self::EFFORT): int
    {
        return min([$asked, ...array_map(static fn(Limit $limit): int => $limit->highestEffort ?? $asked, $limits)]);
    }

    /** What a session put there is to the rest of the day, by the method: a primer is never put, it is written as one. */
    public static function role(CoreWeek $week, Cell $cell, Method $method): SessionRole
    {
        return match (true) {
            $method->says(Answer::ShortDaily) => SessionRole::Daily,
            $week->hasTrainingAt($cell) => SessionRole::Finisher,
            default => SessionRole::OwnDay,
        };
    }

    /** 0 where the method would put it; 1 elsewhere. A whole session is never a primer. */
    private static function strangeness(CoreWeek $week, CoreSlot $slot, Method $method): int
    {
        $trains = array_filter($week->other, static fn(OtherTraining $other): bool => $other->cell->day === $slot->cell->day && $other->kind !== TrainingKind::Work) !== [];

        return match ($method->answer(Question::Placement)) {
            Answer::AsFinisher => (int) ($slot->placement !== SessionRole::Finisher),
            Answer::OnOwnDay => (int) $trains,
            default => 0,
        };
    }
}
