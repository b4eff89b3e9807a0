<?php

declare(strict_types=1);

namespace EvenRungs\Load;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The weeks behind today, each of seven days ending on the weekday of today. */
final readonly class LoadReport
{
    /** More than this above the heaviest of the four weeks before is a note (our own choice). */
    public const RISE_PERCENT = 20;

    /** @param list<WeekLoad> $weeks oldest first */
    private function __construct(public array $weeks, public ?Reason $rise) {}

    /** @param list<SessionLoad> $sessions in any order */
    public static function upTo(Day $today, array $sessions, int $weeks = 8): self
    {
        $all = [];
        for ($back = $weeks - 1; $back >= 0; $back--) {
            $all[] = WeekLoad::from($today->plusDays(-6 - 7 * $back), $sessions);
        }
        $last = $all[count($all) - 1] ?? null;
        $before = array_slice($all, -5, 4);
        $rise = $last?->risePercent(...$before);

        return new self($all, $last === null || $rise === null || $rise <= self::RISE_PERCENT ? null : Reason::because(
            Rule::WeekRise,
            "The last seven days are {$rise} % above the heaviest of the four weeks before: more than ".self::RISE_PERCENT.' % at once.',
            ['last seven days' => (string) round($last->total), 'four weeks before' => implode(', ', array_map(static fn(WeekLoad $week): string => (string) round($week->total), $before))],
            'An easier day, or a shorter session, this week.',
        ));
    }

    public function isEmpty(): bool
    {
        return array_filter($this->weeks, static fn(WeekLoad $week): bool => $week->total > 0 || $week->unknown > 0) === [];
    }
}
