<?php

declare(strict_types=1);

namespace EvenRungs\Load;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Seven days of load: total, monotony (mean ÷ sample spread of the daily loads, rest days 0) and strain (total ×
 * monotony), after Foster 1998. No monotony where every day is the same. Core work only.
 */
final readonly class WeekLoad
{
    /** Of fewer weeks with training nothing is said: after one short session every plan is a steep rise (our own choice). */
    private const COMPARED = 2;

    /**
     * @param list<float> $daily    seven loads, the first day first
     * @param int         $unknown  sessions without effort or time, which are in no sum
     */
    private function __construct(public Day $first, public array $daily, public float $total, public ?float $monotony, public ?float $strain, public int $unknown, public Reason $reason) {}

    /** @param list<SessionLoad> $sessions any; those of the seven days from `$first` count */
    public static function from(Day $first, array $sessions): self
    {
        $daily = array_fill(0, 7, 0.0);
        $unknown = 0;
        foreach ($sessions as $session) {
            $at = $first->daysUntil($session->day);
            if ($at < 0 || $at > 6) {
                continue;
            }
            if ($session->load === null) {
                $unknown++;
            } else {
                $daily[$at] += $session->load;
            }
        }
        $total = array_sum($daily);
        $mean = $total / 7;
        $spread = sqrt(array_sum(array_map(static fn(float $load): float => ($load - $mean) ** 2, $daily)) / 6);
        $monotony = $spread > 0.0 ? $mean / $spread : null;
        $strain = $monotony === null ? null : $total * $monotony;

        return new self($first, $daily, $total, $monotony, $strain, $unknown, self::reason($daily, $total, $mean, $spread, $monotony, $strain, $unknown));
    }

    /** How much above the heaviest of the weeks before, in whole per cent; null until two of them can be compared with. */
    public function risePercent(self ...$before): ?int
    {
        return self::riseOf($this->total, ...$before);
    }

    /** The same of a week that is only planned. */
    public static function riseOf(float $total, self ...$before): ?int
    {
        $loads = array_filter(array_map(static fn(self $week): float => $week->total, array_values($before)), static fn(float $load): bool => $load > 0.0);

        return count($loads) < self::COMPARED ? null : (int) round(100 * ($total - max($loads)) / max($loads));
    }

    /** @param list<float> $daily */
    private static function reason(array $daily, float $total, float $mean, float $spread, ?float $monotony, ?float $strain, int $unknown): Reason
    {
        $number = static fn(float $value, int $digits = 1): string => number_format($value, $digits, '.', '');

        return Reason::because(
            Rule::WeekLoad,
            'Seven days of core work: '.$number($total, 0).' in all'.($monotony === null ? '; no monotony, since every day is the same.' : ', monotony '.$number($monotony, 2).', strain '.$number((float) $strain, 0).'.'),
            [
                'day by day' => implode(', ', array_map(static fn(float $load): string => $number($load, 0), $daily)),
                'mean of a day' => $number($mean, 2),
                'spread (n − 1)' => $number($spread, 2),
                ...($monotony === null ? [] : ['monotony' => $number($mean, 2).' ÷ '.$number($spread, 2).' = '.$number($monotony, 3), 'strain' => $number($total, 0).' × '.$number($monotony, 3).' = '.$number((float) $strain)]),
                ...($unknown === 0 ? [] : ['left out' => $unknown === 1 ? 'one session without effort or time' : "{$unknown} sessions without effort or time"]),
            ],
            'Easier days between harder ones bring monotony down.',
        );
    }
}
