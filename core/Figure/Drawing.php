<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A still of a figure as sorted filled outlines, for paper. `resources/js/figure/drawing.ts` draws the same on the screen.
 *
 * Seen without perspective. Parts are sorted by the depth of their middle, and toned by it in seven steps.
 *
 * @phpstan-import-type Vec from Vector
 */
final class Drawing
{
    /** Units of the drawing for a stature. */
    public const SCALE = 200;

    public const TONES = 7;

    private const CORNERS = 20;

    /** What is thinner than this has fewer corners. */
    private const THIN = 4.0;

    private const FEW = 8;

    /** Units from which on a part of the start is drawn beside the end. */
    private const MOVED = 5;

    /** Parts no further apart than this (of stature) have about the same tone. */
    private const DEPTH = 0.45;

    /** Kit that lies on the body's own depth is drawn a little nearer than what holds it. */
    private const NEARER = ['weight' => 0.05, 'kit' => -0.06, 'rail' => 0.0];

    /** Ends of limbs whose way an arrow can show, with what they belong to. */
    private const TIPS = [[23, 'left-arm'], [24, 'right-arm'], [17, 'left-leg'], [18, 'right-leg'], [11, 'left-leg'], [12, 'right-leg'], [9, 'trunk'], [0, 'trunk']];

    /** Ways shorter than this are not worth an arrow. */
    private const SHORTEST_WAY = 12.0;

    /**
     * The end of a movement over a pale start, or what is held.
     *
     * @return array{force: list<array{float, float}>, pieces: list<array{tone: string, outline: list<array{float, float}>}>, ways: list<non-empty-list<array{float, float}>>} pieces farthest first: tone is `shadow`, `start`, `kit`, `weight`, `rail` or `body-0` (near) to `body-6` (far)
     */
    public static function still(Figure $figure): array
    {
        $last = count($figure->frames) - 1;
        $drawn = self::pieces($figure, $last);

        return [
            'pieces' => $last === 0 ? $drawn : [...array_slice($drawn, 0, 1), ...self::start($figure), ...array_slice($drawn, 1)],
            'force' => array_map(static fn(array $point): array => [$point[0], $point[1]], self::points($figure->force, $figure->view)),
            'ways' => self::ways($figure),
        ];
    }

    /** @return list<array{tone: string, outline: list<array{float, float}>}> */
    private static function pieces(Figure $figure, int $frame): array
    {
        $pieces = [];
        $flat = self::points($figure->frames[$frame] ?? $figure->frames[0], $figure->view);
        foreach (Shape::PARTS as $balls) {
            $of = self::balls($flat, $balls);
            $pieces[] = ['body', self::depth($of), $of];
        }
        $depths = array_column($pieces, 1);
        [$near, $far] = [min($depths), max($depths)];
        $spare = max(0.0, self::DEPTH * self::SCALE - ($far - $near));
        foreach ($figure->kit as $piece) {
            $at = self::points($piece->frames[min($frame, count($piece->frames) - 1)] ?? [], $figure->view);
            $of = array_map(static fn(array $point, int $radius): array => [...$point, $radius / 1000 * self::SCALE], $at, $piece->radii);
            $pieces[] = [$piece->tone, self::depth($of) - self::NEARER[$piece->tone] * self::SCALE, $of];
        }
        usort($pieces, static fn(array $a, array $b): int => $b[1] <=> $a[1]);
        $drawn = [['tone' => 'shadow', 'outline' => self::shadow($figure->shadow[$frame] ?? [], $figure->view)]];
        foreach ($pieces as [$tone, $depth, $of]) {
            $step = (int) floor(($depth - $near + $spare / 2) / ($far - $near + $spare) * self::TONES);
            $drawn[] = ['tone' => $tone === 'body' ? 'body-'.max(0, min(self::TONES - 1, $step)) : $tone, 'outline' => self::outline($of)];
        }

        return $drawn;
    }

    /** @return list<array{tone: string, outline: list<array{float, float}>}> the parts of the start that are elsewhere at the end */
    private static function start(Figure $figure): array
    {
        $start = self::points($figure->frames[0], $figure->view);
        $end = self::points($figure->frames[count($figure->frames) - 1] ?? $figure->frames[0], $figure->view);
        $drawn = [];
        foreach (Shape::PARTS as $balls) {
            $moved = array_map(static fn(array $ball): float => hypot(($start[$ball[0]][0] ?? 0) - ($end[$ball[0]][0] ?? 0), ($start[$ball[0]][1] ?? 0) - ($end[$ball[0]][1] ?? 0)), $balls);
            if (max($moved) > self::MOVED) {
                $drawn[] = ['tone' => 'start', 'outline' => self::outline(self::balls($start, $balls))];
            }
        }

        return $drawn;
    }

    /** @return list<non-empty-list<array{float, float}>> of what moves most, from start to end */
    private static function ways(Figure $figure): array
    {
        $frames = array_map(static fn(array $frame): array => self::points($frame, $figure->view), $figure->frames);
        $ways = [];
        foreach (self::TIPS as [$tip, $limb]) {
            $points = array_map(static fn(array $frame): array => [$frame[$tip][0] ?? 0.0, $frame[$tip][1] ?? 0.0], $frames);
            $length = 0.0;
            foreach (array_slice($points, 1) as $at => $point) {
                $length += hypot($point[0] - ($points[$at][0] ?? 0), $point[1] - ($points[$at][1] ?? 0));
            }
            if ($length >= self::SHORTEST_WAY) {
                $ways[] = [$limb, $points, $length];
            }
        }
        usort($ways, static fn(array $a, array $b): int => $b[2] <=> $a[2]);
        if ($ways === []) {
            return [];
        }
        [$limb, $longest, $length] = $ways[0];
        $end = $longest[count($longest) - 1];
        foreach ($ways as [$other, $points, $far]) {
            $tip = $points[count($points) - 1];
            if ($other !== $limb && $far > 0.62 * $length && hypot($tip[0] - $end[0], $tip[1] - $end[1]) > 18) {
                return [$longest, $points];
            }
        }

        return [$longest];
    }

    /**
     * @param list<int>       $numbers thousandths of stature, three for a point
     * @param array{int, int} $view
     *
     * @return list<array{float, float, float}>
     */
    private static function points(array $numbers, array $view): array
    {
        return array_map(static fn(array $point): array => self::seen([$point[0] / 1000, ($point[1] ?? 0) / 1000, ($point[2] ?? 0) / 1000], $view), array_chunk($numbers, 3));
    }

    /**
     * @param list<array{float, float, float}> $points
     * @param list<array{int, int}>            $balls
     *
     * @return list<array{float, float, float, float}>
     */
    private static function balls(array $points, array $balls): array
    {
        return array_map(static fn(array $ball): array => [...($points[$ball[0]] ?? [0.0, 0.0, 0.0]), $ball[1] / 1000 * self::SCALE], $balls);
    }

    /**
     * @param Vec             $point
     * @param array{int, int} $view
     *
     * @return array{float, float, float} to the right, up and away, in units of the drawing
     */
    private static function seen(array $point, array $view): array
    {
        [$round, $up] = [deg2rad($view[0]), deg2rad($view[1])];
        $away = -$point[0] * sin($round) + $point[1] * cos($round);

        return [
            self::SCALE * ($point[0] * cos($round) + $point[1] * sin($round)),
            self::SCALE * ($away * sin($up) + $point[2] * cos($up)),
            self::SCALE * ($away * cos($up) - $point[2] * sin($up)),
        ];
    }

    /** @param list<array{float, float, float, float}> $balls */
    private static function depth(array $balls): float
    {
        return array_sum(array_column($balls, 2)) / max(1, count($balls));
    }

    /**
     * On the floor, round every place that it carries.
     *
     * @param list<int>       $places thousandths of stature, three for a place
     * @param array{int, int} $view
     *
     * @return list<array{float, float}>
     */
    private static function shadow(array $places, array $view): array
    {
        $corners = [];
        foreach (array_chunk($places, 3) as $place) {
            for ($at = 0; $at < self::CORNERS; $at++) {
                $turn = 2 * M_PI * $at / self::CORNERS;
                [$x, $y] = self::seen([$place[0] / 1000 + 0.055 * cos($turn), ($place[1] ?? 0) / 1000 + 0.055 * sin($turn), 0.0], $view);
                $corners[] = [$x, $y];
            }
        }

        return self::hull($corners);
    }

    /**
     * @param list<array{float, float, float, float}> $balls
     *
     * @return list<array{float, float}> corners against the clock
     */
    private static function outline(array $balls): array
    {
        $corners = [];
        foreach ($balls as [$x, $y, , $radius]) {
            $count = $radius < self::THIN ? self::FEW : self::CORNERS;
            for ($at = 0; $at < $count; $at++) {
                $turn = 2 * M_PI * $at / $count;
                $corners[] = [$x + $radius * cos($turn), $y + $radius * sin($turn)];
            }
        }

        return self::hull($corners);
    }

    /**
     * Andrew's monotone chain.
     *
     * @param list<array{float, float}> $corners
     *
     * @return list<array{float, float}>
     */
    private static function hull(array $corners): array
    {
        usort($corners, static fn(array $a, array $b): int => $a[0] <=> $b[0] ?: $a[1] <=> $b[1]);
        return [...self::half($corners), ...self::half(array_reverse($corners))];
    }

    /**
     * @param list<array{float, float}> $sorted
     *
     * @return list<array{float, float}> one side of the hull, without its last corner, which begins the other
     */
    private static function half(array $sorted): array
    {
        $chain = [];
        foreach ($sorted as $next) {
            while (count($chain) > 1) {
                [$a, $b] = [$chain[count($chain) - 2], $chain[count($chain) - 1]];
                if (($b[0] - $a[0]) * ($next[1] - $a[1]) - ($b[1] - $a[1]) * ($next[0] - $a[0]) > 0) {
                    break;
                }
                array_pop($chain);
            }
            $chain[] = $next;
        }
        array_pop($chain);

        return $chain;
    }
}
