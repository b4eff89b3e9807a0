<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A figure as SVG for paper: the same outlines as on the screen, in tones that read in black on white. */
final class Picture
{
    private const NEAR = [0x14, 0x14, 0x14];

    private const FAR = [0xB0, 0xAE, 0xA8];

    private const TONES = ['shadow' => '#ecebe7', 'start' => '#dddbd5', 'kit' => '#dcdad3', 'weight' => '#55606b', 'rail' => '#777777'];

    private const MARGIN = 6;

    /** The least frame: the same body stays about the same size from picture to picture. */
    private const LEAST = [190, 120];

    /** The end position, the start behind it, and the way of what moves. */
    public static function svg(Figure $figure): string
    {
        ['pieces' => $pieces, 'ways' => $ways, 'force' => $force] = Drawing::still($figure);
        $arrows = $force === [] ? $ways : [...$ways, $force];
        $points = array_merge(...array_column($pieces, 'outline'), ...$arrows);
        if ($points === []) {
            return '';
        }
        [$left, $right] = [min(array_column($points, 0)), max(array_column($points, 0))];
        [$bottom, $top] = [min(array_column($points, 1)), max(array_column($points, 1))];
        $wide = max(0.0, (self::LEAST[0] - ($right - $left)) / 2) + self::MARGIN;
        $high = max(0.0, self::LEAST[1] - ($top - $bottom));
        [$width, $height] = [$right - $left + 2 * $wide, $top - $bottom + $high + 2 * self::MARGIN];

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%.1f" height="%.1f" viewBox="%.1f %.1f %1$.1f %2$.1f"><g transform="scale(1,-1)">', $width, $height, $left - $wide, -$top - $high - self::MARGIN)
            .implode('', array_map(static fn(array $piece): string => '<path d="'.self::path($piece['outline']).'Z" fill="'.self::tone($piece['tone']).'"'.($piece['tone'] === 'shadow' ? '' : ' stroke="#fff" stroke-width="1.2"').'/>', $pieces))
            .implode('', array_map(static fn(array $way): string => self::arrow($way, true), $ways))
            .($force === [] ? '' : self::arrow($force, false))
            .'</g></svg>';
    }

    private static function tone(string $tone): string
    {
        if (! str_starts_with($tone, 'body-')) {
            return self::TONES[$tone] ?? '#000';
        }
        $part = (int) substr($tone, 5) / (Drawing::TONES - 1);

        return sprintf('#%02x%02x%02x', ...array_map(static fn(int $near, int $far): int => (int) round($near + $part * ($far - $near)), self::NEAR, self::FAR));
    }

    /** @param list<array{float, float}> $points */
    private static function path(array $points): string
    {
        return 'M'.implode('L', array_map(static fn(array $point): string => sprintf('%.1f %.1f', $point[0], $point[1]), $points));
    }

    /** @param non-empty-list<array{float, float}> $way */
    private static function arrow(array $way, bool $isWay): string
    {
        $tip = $way[count($way) - 1];
        $before = $way[max(0, count($way) - 2)];
        $angle = atan2($tip[1] - $before[1], $tip[0] - $before[0]);
        $wing = static fn(float $turn): string => self::path([$tip, [$tip[0] + 10 * cos($angle + $turn), $tip[1] + 10 * sin($angle + $turn)]]);
        $line = static fn(string $path, string $more = ''): string => "<path d=\"{$path}\" fill=\"none\" stroke=\"#111\" stroke-width=\"2\"{$more}/>";

        return $line(self::path($way), $isWay ? ' stroke-dasharray="1 4"' : '').$line($wing(2.6)).$line($wing(-2.6));
    }
}
