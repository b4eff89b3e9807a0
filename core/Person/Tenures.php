<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Library;
use EvenRungs\Program\RungTenure;

/** How long somebody stayed on each rung, and how far they climbed from it. */
final class Tenures
{
    /**
     * Every stay on a rung, in the order they ended. A climb is one that was decided; a placing by hand is none.
     *
     * @param list<Placing> $placings in order of time
     *
     * @return list<RungTenure>
     */
    public static function of(array $placings, Day $until, Library $library): array
    {
        $open = $tenures = [];
        foreach ($placings as $placing) {
            $on = $placing->on ?? $until;
            foreach ($open as $key => [$before, $since]) {
                if ($before->ladder === $placing->ladder && $before->side->meets($placing->side)) {
                    $climbed = $placing->decided ? self::higher($library, $before->rung, $placing->rung) : 0;
                    $tenures[] = new RungTenure($since->daysUntil($on), max(0, $climbed));
                    unset($open[$key]);
                }
            }
            if (! $placing->stopped) {
                $open["{$placing->ladder} {$placing->side->value}"] = [$placing, $on];
            }
        }
        foreach ($open as [, $since]) {
            $tenures[] = new RungTenure($since->daysUntil($until), 0);
        }

        return $tenures;
    }

    private static function higher(Library $library, string $from, string $to): int
    {
        return $library->has($from) && $library->has($to) ? $library->rung($to)->height->above($library->rung($from)->height) : 0;
    }
}
