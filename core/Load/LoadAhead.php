<?php

declare(strict_types=1);

namespace EvenRungs\Load;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The weeks ahead of today as they are planned, each of seven days from tomorrow on. */
final readonly class LoadAhead
{
    /** Monotony and strain of so many weeks can still be steered. */
    public const WEEKS = 4;

    /** @param list<WeekLoad> $weeks the next one first */
    private function __construct(public array $weeks, public ?Reason $rise) {}

    /** @param list<SessionLoad> $planned */
    public static function of(LoadReport $behind, Day $today, array $planned): self
    {
        $all = $behind->weeks;
        $rise = null;
        for ($week = 0; $week < self::WEEKS; $week++) {
            $next = WeekLoad::from($today->plusDays(1 + 7 * $week), $planned);
            $percent = $next->risePercent(...array_slice($all, -4));
            if ($rise === null && $percent !== null && $percent > LoadReport::RISE_PERCENT) {
                $rise = Reason::because(
                    Rule::WeekRise,
                    "The week from {$next->first->inWords()} is planned {$percent} % above the heaviest of the four before it: more than ".LoadReport::RISE_PERCENT.' % at once.',
                    ['planned' => (string) round($next->total), 'four weeks before' => implode(', ', array_map(static fn(WeekLoad $before): string => (string) round($before->total), array_slice($all, -4)))],
                    'A session less, a shorter one, or a lower planned effort in that week.',
                );
            }
            $all[] = $next;
        }

        return new self(array_slice($all, count($behind->weeks)), $rise);
    }

    public function isEmpty(): bool
    {
        return array_filter($this->weeks, static fn(WeekLoad $week): bool => $week->total > 0) === [];
    }
}
