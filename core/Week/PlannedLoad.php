<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Planned load of a week against the heaviest of the four weeks behind (a note above 20 %, our own choice). */
final readonly class PlannedLoad
{
    private const RISE_PERCENT = 20;

    private function __construct(public int $planned, public ?int $risePercent, public bool $tooMuch, public Reason $reason) {}

    /** @param float|null $heaviest of the last four weeks; null when nothing is known of them */
    public static function of(CoreWeek $week, ?float $heaviest): self
    {
        $planned = (int) round($week->load());
        $rise = $heaviest === null || $heaviest <= 0.0 ? null : (int) round(100 * ($week->load() - $heaviest) / $heaviest);
        $tooMuch = $rise !== null && $rise > self::RISE_PERCENT;
        $inputs = [];
        foreach ($week->slots as $slot) {
            $name = "{$slot->content->title}, {$slot->cell->inWords()}";
            $inputs[$name] = "effort {$slot->effort} × ".number_format($slot->content->seconds / 60, 1, '.', '').' min = '.round($slot->load());
        }

        return new self($planned, $rise, $tooMuch, Reason::because(
            Rule::WeekRise,
            match (true) {
                $rise === null => "Planned load of the week: {$planned}. Nothing is known of the last four weeks to compare it with.",
                $tooMuch => "Planned load of the week: {$planned}, {$rise} % above the heaviest of the last four: more than ".self::RISE_PERCENT.' % at once.',
                default => "Planned load of the week: {$planned}, ".abs($rise).' % '.($rise < 0 ? 'below' : 'above').' the heaviest of the last four.',
            },
            [...$inputs, ...($heaviest === null ? [] : ['heaviest of the last four weeks' => (string) round($heaviest)])],
            $tooMuch ? 'A session less, a shorter one, or a lower planned effort.' : 'More or fewer sessions, minutes, or planned effort.',
        ));
    }
}
