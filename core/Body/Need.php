<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** One thing a rung needs, which several pieces of kit can be: a band, a cable or a partner's hand. */
final readonly class Need
{
    /** @param non-empty-list<Kit> $anyOf */
    private function __construct(public array $anyOf) {}

    public static function of(Kit ...$anyOf): self
    {
        return $anyOf === [] ? throw new \InvalidArgumentException('A need names at least one piece of kit.') : new self(array_values($anyOf));
    }

    /** @param list<Kit> $kit */
    public function metBy(array $kit): bool
    {
        foreach ($this->anyOf as $piece) {
            if (in_array($piece, $kit, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether it can only be met by a weight: a band or a partner in its place makes it none. */
    public function isWeight(): bool
    {
        foreach ($this->anyOf as $piece) {
            if (! $piece->isWeight()) {
                return false;
            }
        }

        return true;
    }

    /** "band and anchor, cable or partner as resistance" */
    public function label(): string
    {
        $labels = array_map(static fn(Kit $kit): string => $kit->label(), $this->anyOf);
        $last = array_pop($labels);

        return $labels === [] ? $last : implode(', ', $labels).' or '.$last;
    }
}
