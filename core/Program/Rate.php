<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Height;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** How quickly a person climbs, in tenths of height a week on each ladder: stated by the trainer, or read from the person's own log. */
final readonly class Rate
{
    /** Where nobody has said and the log is too short: a rung in about three weeks (our own choice). */
    public const STATED_TENTHS = 3;

    public const LEAST_TENTHS = 1;

    public const MOST_TENTHS = 10;

    /** So many climbs, and so many weeks on ladders, before the log speaks for itself (our own choice). */
    private const CLIMBS = 3;

    private const WEEKS = 12;

    private function __construct(public float $tenthsAWeek, public bool $fromLog, public Reason $reason) {}

    /** @throws \InvalidArgumentException when it is no rate anybody climbs at */
    public static function stated(int $tenths): self
    {
        if ($tenths < self::LEAST_TENTHS || $tenths > self::MOST_TENTHS) {
            throw new \InvalidArgumentException('A rate lies between '.Height::tenthsLabel(self::LEAST_TENTHS).' and '.Height::tenthsLabel(self::MOST_TENTHS).' of height a week.');
        }

        return new self((float) $tenths, false, Reason::because(
            Rule::ForecastRate,
            'A stated rate: '.Height::tenthsLabel($tenths).' of height a week on each ladder.',
            [],
            'Another rate; or '.self::CLIMBS.' climbs in the log over '.self::WEEKS.' weeks on ladders, all together.',
        ));
    }

    /**
     * From every stretch on a rung, those that ended without a climb among them: leaving those out would promise too much.
     * Null while the log is too short.
     *
     * @param list<RungTenure> $stretches
     */
    public static function fromLog(array $stretches): ?self
    {
        $days = array_sum(array_map(static fn(RungTenure $stretch): int => $stretch->days, $stretches));
        $climbs = array_filter($stretches, static fn(RungTenure $stretch): bool => $stretch->climbedTenths > 0);
        $tenths = array_sum(array_map(static fn(RungTenure $stretch): int => $stretch->climbedTenths, $climbs));
        if (count($climbs) < self::CLIMBS || $days < 7 * self::WEEKS) {
            return null;
        }
        $rate = min((float) self::MOST_TENTHS, max(0.5, $tenths / ($days / 7)));

        return new self($rate, true, Reason::because(
            Rule::ForecastRate,
            'From the log: '.Height::tenthsLabel($tenths).' of height climbed in '.number_format($days / 7, 1, '.', '').' weeks on ladders, all ladders added up: '.number_format($rate / 10, 2, '.', '').' a week on each.',
            ['climbs' => count($climbs), 'weeks on ladders' => number_format($days / 7, 1, '.', ''), 'height climbed' => Height::tenthsLabel($tenths)],
            'More climbs, or more weeks without one.',
        ));
    }
}
