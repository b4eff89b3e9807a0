<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Body\Level;
use EvenRungs\Body\Sidedness;
use EvenRungs\Method\HoldStrategy;
use EvenRungs\Method\Method;

/**
 * The default dose of a kind of work by level and method (common practice, no single source).
 *
 * Empty and worded cells take the nearest filled level to the left; where a cell gives a range, its
 * first or low value is the default. Repetitions start at the low end of the rung's own band.
 */
final class DoseTable
{
    /** Never more sets of one exercise in a session, whatever asks for one more (common practice); by hand there may be. */
    public const MOST_SETS = 4;

    /** Lines for foundation, beginner, intermediate and advanced; null takes the one to the left. */
    private const LINES = [
        'activation-hold' => ['1x(10x3s/2)', '1x(10x5s/2)', null, null],
        'short' => ['3x(3x10s/5)', '3x(4x10s/5)', '3x(6x10s/5)', null],
        'capped' => ['2x10s', '2x20s', '2x30s', null],
        'long' => ['3x15s', '3x30s', '2x60s', '1x(120s by 60s/30)'],
        'side-hold' => ['2x10s', '2x15s', '2x20s', '3x30s'],
        'controlled-reps' => ['1x5', '2x10', '2x10', '3x10'],
        'endurance-reps' => ['1x15', '2x20', '2x30', '2x50'],
        'bridge-hold' => ['1x8 2-0-2-2', '2x10 2-0-2-10', '2x10 2-0-2-15', null],
        'carry' => ['2x10m', '3x20m', '3x30m', '4x40m'],
        'head-lift' => ['2x2s', '4x8s', '(5-4-3x8s/5)', null],
        // The table has no row for loaded lifts: sets as for controlled reps, fewer repetitions (our own choice).
        'loaded-lift' => ['2x8', '3x8', '3x8', '3x6'],
    ];

    public static function default(DoseKind $kind, Level $level, Sidedness $sidedness, ?Band $band, Method $method): Dose
    {
        $column = min(3, (int) array_search($level, Level::cases(), true));
        $cells = self::LINES[self::row($kind, $method)];
        while ($column > 0 && $cells[$column] === null) {
            $column--;
        }
        $dose = self::read((string) $cells[$column])->eachSide($sidedness->countsEachSide());
        if ($band === null || $dose->unit() !== Unit::Reps) {
            return $dose;
        }

        return Dose::of($dose->sets(), Reps::of($band->low), $dose->perSide, $dose->tempo);
    }

    /** A program asks for the same few lines thousands of times. */
    private static function read(string $line): Dose
    {
        /** @var array<string, Dose> $known */
        static $known = [];

        return $known[$line] ??= DoseLine::parse($line, Sidedness::Both);
    }

    private static function row(DoseKind $kind, Method $method): string
    {
        return $kind !== DoseKind::StaticHold ? $kind->value : match ($method->holdStrategy()) {
            HoldStrategy::ShortRepeated => 'short',
            HoldStrategy::Capped => 'capped',
            HoldStrategy::Long => 'long',
        };
    }
}
