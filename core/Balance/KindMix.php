<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Ladder\WorkKind;

/** How the working sets of a week fall on the kinds of work, beside what an aim asks for. */
final readonly class KindMix
{
    /** @param array<string, int> $sets by kind */
    private function __construct(private array $sets) {}

    /** @param array<string, int> $sets working sets of the week, by kind */
    public static function of(array $sets): self
    {
        return new self($sets);
    }

    /**
     * Half bracing practice, 35 in a hundred integrated lifts, 15 isolated work for strength sport (common practice); no
     * other aim has such a target.
     *
     * @return array<string, int>|null parts of a hundred, by kind
     */
    public static function target(Aim $aim): ?array
    {
        return $aim === Aim::Strength ? [WorkKind::Bracing->value => 50, WorkKind::Integrated->value => 35, WorkKind::Isolated->value => 15] : null;
    }

    /**
     * 1 − ½ Σ|p − t|, in tenths of a per cent; null where nothing was worked.
     *
     * @param array<string, int> $target parts, by kind
     */
    public function agreementPerMille(array $target): ?int
    {
        [$sets, $parts] = [array_sum($this->sets), max(1, array_sum($target))];
        if ($sets === 0) {
            return null;
        }
        $apart = 0;
        foreach (WorkKind::cases() as $kind) {
            $apart += abs(($this->sets[$kind->value] ?? 0) * $parts - ($target[$kind->value] ?? 0) * $sets);
        }
        $whole = 2 * $sets * $parts;

        return intdiv(2 * 1000 * ($whole - $apart) + $whole, 2 * $whole);
    }
}
