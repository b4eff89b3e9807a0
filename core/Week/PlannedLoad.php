<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Load\WeekLoad;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Planned load of a week against the heaviest of the four weeks behind (a note above 20 %, our own choice). */
final readonly class PlannedLoad
{
    private const RISE_PERCENT = 20;

    /** It is held against the heaviest of so many weeks. */
    private const WEEKS = 4;

    private function __construct(public int $planned, public ?int $risePercent, public bool $tooMuch, public Reason $reason) {}

    /** @param list<WeekLoad> $behind oldest first, as they are compared with what is planned */
    public static function of(CoreWeek $week, array $behind): self
    {
        $planned = (int) round($week->load());
        $behind = array_slice($behind, -self::WEEKS);
        $rise = WeekLoad::riseOf($week->load(), ...$behind);
        $heaviest = $rise === null ? null : max(0.0, ...array_map(static fn(WeekLoad $before): float => $before->total, $behind));
        $tooMuch = $rise !== null && $rise > self::RISE_PERCENT;
        $inputs = [];
        foreach ($week->slots as $slot) {
            $name = "{$slot->content->title}, {$slot->cell->inWords()}";
            $inputs[$name] = "effort {$slot->effort} × ".number_format($slot->content->seconds / 60, 1, '.', '').' min = '.round($slot->load());
        }

        return new self($planned, $rise, $tooMuch, Reason::because(
            Rule::WeekRise,
            match (true) {
                $rise === null => "Planned load of the week: {$planned}. Of the last four weeks fewer than two have training to compare it with.",
                $tooMuch => "Planned load of the week: {$planned}, {$rise} % above the heaviest of the last four: more than ".self::RISE_PERCENT.' % at once.',
                default => "Planned load of the week: {$planned}, ".abs($rise).' % '.($rise < 0 ? 'below' : 'above').' the heaviest of the last four.',
            },
            [...$inputs, ...($heaviest === null ? [] : ['heaviest of the last four weeks' => (string) round($heaviest)])],
            $tooMuch ? 'A session less, a shorter one, or a lower planned effort.' : 'More or fewer sessions, minutes, or planned effort.',
        ));
    }
}
