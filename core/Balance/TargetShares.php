<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;

/** What shares of work an aim asks for, as whole parts of a sum. */
final readonly class TargetShares
{
    /** @param array<string, int> $parts by demand */
    private function __construct(private array $parts) {}

    /** @param array<string, int> $parts by demand; a demand left out has none */
    public static function of(array $parts): self
    {
        return new self($parts);
    }

    /** @return array<string, int> by demand, those without a part at 0 */
    public function toArray(): array
    {
        $parts = [];
        foreach (Demand::withShare() as $demand) {
            $parts[$demand->value] = $this->part($demand);
        }

        return $parts;
    }

    public function part(Demand $demand): int
    {
        return $this->parts[$demand->value] ?? 0;
    }

    public function parts(): int
    {
        return max(1, array_sum($this->parts));
    }

    /** In tenths of a per cent. */
    public function perMille(Demand $demand): int
    {
        return intdiv(2000 * $this->part($demand) + $this->parts(), 2 * $this->parts());
    }
}
