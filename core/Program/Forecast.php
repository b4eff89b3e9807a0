<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;

/** The gates ahead on a ladder, at a rate of improvement. */
final class Forecast
{
    /** The band reaches from two thirds of the likely time to half as much again (our own choice; back-tested on the demo history). */
    private const SPREAD = 1.5;

    /**
     * @param int $daysHere   already spent on the rung
     * @param int $sessions   a week that hold the ladder
     * @param int $weeksBefore weeks of the program already behind when it begins
     * @param Rung|null $upTo where the rung stands in for a higher one: that is climbed to at most
     *
     * @return list<GateForecast> in order, as far as the weeks reach
     */
    public static function of(Rung $rung, int $daysHere, Ladder $ladder, Circumstances $circumstances, Rate $rate, int $sessions, int $weeks, int $weeksBefore = 0, ?Rung $upTo = null): array
    {
        $forecasts = [];
        [$early, $likely, $late] = [0.0, 0.0, 0.0];
        $behind = $daysHere / 7;
        // However quick somebody is, the method asks for its days and its clean sessions first.
        $least = max($circumstances->method->daysOnRungToClimb() / 7, $circumstances->method->cleanSessionsToClimb() / max(1, $sessions));
        while (($next = $circumstances->nextOpen($ladder, $rung, true, Side::Both)) !== null && ($upTo === null || $next->height->above($upTo->height) <= 0)) {
            $whole = max($least, max(1, $next->height->above($rung->height)) / $rate->tenthsAWeek);
            $left = max($least / 2, $whole - $behind);
            $early += max(min($left, $least - min($behind, $least)), $left / self::SPREAD);
            $likely += $left;
            $late += max($left * self::SPREAD, $left + 1);
            // The next gate is always told, however far it is.
            if ($forecasts !== [] && GateForecast::week($early) > $weeks) {
                break;
            }
            $forecasts[] = new GateForecast($rung, $next, $early + $weeksBefore, $likely + $weeksBefore, $late + $weeksBefore, [
                'height to climb' => Height::tenthsLabel(max(1, $next->height->above($rung->height))),
                'rate' => number_format($rate->tenthsAWeek / 10, 2, '.', '').' of height a week, '.($rate->fromLog ? 'from the log' : 'stated'),
                ...($behind > 0 ? ['already on the rung' => number_format($behind, 1, '.', '').' weeks'] : []),
                'the method asks for at least' => number_format($least, 1, '.', '').' weeks on a rung',
            ]);
            [$rung, $behind] = [$next, 0.0];
        }

        return $forecasts;
    }
}
