<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** The load tags of one rung; a tag that is not named is 0. */
final readonly class Loads
{
    /** @param array<string, int<1, 2>> $values by tag */
    private function __construct(private array $values) {}

    /**
     * @param array<string, int> $values by tag
     *
     * @throws \InvalidArgumentException when a tag is unknown or above its highest value
     */
    public static function of(array $values): self
    {
        $kept = [];
        foreach ($values as $tag => $value) {
            $load = Load::tryFrom($tag) ?? throw new \InvalidArgumentException("There is no load tag “{$tag}”.");
            if ($value < 0 || $value > $load->highest()) {
                throw new \InvalidArgumentException("The load tag “{$tag}” goes from 0 to {$load->highest()}, not {$value}.");
            }
            if ($value === 1 || $value === 2) {
                $kept[$tag] = $value;
            }
        }

        return new self($kept);
    }

    public function value(Load $load): int
    {
        return $this->values[$load->value] ?? 0;
    }

    /** @return array<string, int> only the tags above 0 */
    public function toArray(): array
    {
        return $this->values;
    }
}
