<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\Timed;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The seconds of one exercise, added up in the open: set by set, down to each hold, gap and rest. */
final class ItemSum
{
    /** @param list<Segment> $segments of the exercise, change-overs before it left out */
    public static function of(Item $item, array $segments): Reason
    {
        $bySet = $rests = [];
        $body = $item->dose->first();
        // The second a timed set of two sides cannot share out is rest inside the set.
        $leftOver = $body instanceof Timed && $item->isOneSided() && $item->dose->only === null && ($body->seconds - SetClock::SIDE_CHANGE_SECONDS) % 2 === 1;
        $sets = [];
        foreach ($segments as $segment) {
            if ($segment->stretch === TimeKind::Rest && (! $leftOver || isset($sets[$segment->set]))) {
                $rests[] = $segment->seconds;
            } else {
                $sets[$segment->set] = $segment->stretch === TimeKind::Rest ? true : ($sets[$segment->set] ?? null);
                $bySet[$segment->set][] = $segment;
            }
        }
        $inputs = [];
        foreach (self::alike(array_map(static fn(array $set): string => self::set($item, $set), $bySet)) as [$first, $last, $text]) {
            $inputs[$first === $last ? "set {$first}" : "sets {$first}–{$last}, each"] = $text;
        }
        if ($rests !== []) {
            $inputs['rests'] = self::times($rests);
        }
        $totals = Totals::of($segments);

        return Reason::because(
            Rule::Clock,
            "{$item->rung->name}: work ".Totals::clock($totals->work).' + rest '.Totals::clock($totals->rest).' + side changes '.Totals::clock($totals->changeOver).' = '.Totals::clock($totals->total()).'.',
            $inputs,
            'Fewer sets, a shorter hold or count, another tempo, or a shorter rest.',
        );
    }

    /** @param list<Segment> $segments of one set */
    private static function set(Item $item, array $segments): string
    {
        $parts = [];
        foreach ([[TimeKind::Work, 'work'], [TimeKind::Gap, 'gaps'], [TimeKind::SideChange, 'side change'], [TimeKind::Rest, 'left over']] as [$stretch, $name]) {
            $seconds = array_values(array_map(static fn(Segment $segment): int => $segment->seconds, array_filter($segments, static fn(Segment $segment): bool => $segment->stretch === $stretch)));
            if ($seconds === []) {
                continue;
            }
            $text = $stretch === TimeKind::Work && $item->isInReps()
                ? implode(' + ', array_map(static fn(int $stretch): string => intdiv($stretch, max(1, $item->repSeconds())).' × '.$item->repSeconds().' s', $seconds)).' = '.array_sum($seconds).' s'
                : self::times($seconds);
            $parts[] = "{$name} {$text}";
        }
        $all = array_sum(array_map(static fn(Segment $segment): int => $segment->seconds, $segments));

        return implode(', ', $parts).(count($parts) > 1 ? "; together {$all} s" : '');
    }

    /** @param non-empty-list<int> $seconds */
    private static function times(array $seconds): string
    {
        $counts = array_count_values($seconds);
        $terms = array_map(static fn(int $each, int $count): string => $count === 1 ? "{$each} s" : "{$count} × {$each} s", array_keys($counts), $counts);

        return implode(' + ', $terms).(count($seconds) === 1 ? '' : ' = '.array_sum($seconds).' s');
    }

    /**
     * Neighbouring sets that are the same, together.
     *
     * @param array<int, string> $sets text by number of the set
     *
     * @return list<array{int, int, string}> first, last, text
     */
    private static function alike(array $sets): array
    {
        $runs = [];
        foreach ($sets as $number => $text) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][2] === $text) {
                $runs[$last][1] = $number;
            } else {
                $runs[] = [$number, $number, $text];
            }
        }

        return $runs;
    }
}
