<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Demand;

/** Two rungs on one scale: what the trunk resists on one more than on the other, and what a side bridge is worth in the hand. */
final class Beside
{
    /** Below this, N·m, two figures are alike: posture differs more from day to day. */
    private const ALIKE = 5;

    private const RESISTS = ['extension' => 'being bent backward', 'flexion' => 'being bent forward', 'side' => 'being bent sideways', 'turning' => 'being turned'];

    /** No hand holds more for a carry. */
    private const HEAVIEST = 60;

    /**
     * @param Hardness $here  the rung in focus
     * @param Hardness $there the one the person stands on
     * @param string   $lever what makes the step, in words
     * @param Demand   $demand of the rung: what it is for is said first
     *
     * @return list<string> what changes most first; a single sentence where nothing does
     */
    public static function inWords(Hardness $here, Hardness $there, string $lever, Demand $demand): array
    {
        $changes = [];
        foreach (self::RESISTS as $what => $resists) {
            $by = $here->highest[$what] - $there->highest[$what];
            if (abs($by) >= self::ALIKE) {
                $changes[$resists] = $by;
            }
        }
        $main = self::main($demand);
        uksort($changes, static fn(string $a, string $b): int => [$b === $main, abs($changes[$b] ?? 0)] <=> [$a === $main, abs($changes[$a] ?? 0)]);
        $sentences = [];
        foreach ($changes as $resists => $by) {
            $sentences[] = sprintf('Resists %s with %d N·m %s than where they stand.', $resists, abs($by), $by > 0 ? 'more' : 'less');
        }
        if ($sentences === []) {
            return ['At rest the low back resists about as much as where they stand: the step lies elsewhere.'];
        }
        $lever = lcfirst(rtrim($lever, '.'));

        return [...array_slice($sentences, 0, 2), ...($lever === '' ? [] : ["The step is made by: {$lever}."])];
    }

    private static function main(Demand $demand): ?string
    {
        return match ($demand) {
            Demand::AntiExtension => self::RESISTS['extension'],
            Demand::AntiFlexion => self::RESISTS['flexion'],
            Demand::AntiLateralFlexion => self::RESISTS['side'],
            Demand::AntiRotation => self::RESISTS['turning'],
            default => null,
        };
    }

    /**
     * @param int   $side  N·m with which a rung bends the trunk sideways
     * @param int   $carry N·m of a carry
     * @param float $kg    in the one hand of that carry
     *
     * @return int|null kg in one hand that bend the trunk about as much; null where no hand holds that, or where it is nothing
     */
    public static function worth(int $side, int $carry, float $kg): ?int
    {
        $worth = $carry > 0 ? (int) round($side * $kg / $carry) : 0;

        return $worth >= 1 && $worth <= self::HEAVIEST ? $worth : null;
    }
}
