<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/**
 * What a person's body does not allow today, as data: highest value of load tags, positions excluded, side.
 * Made from a state of the caution table (Screening).
 */
final readonly class Limit
{
    /**
     * @param array<string, int> $highest   highest value allowed, by load tag
     * @param list<Position>     $excluded  positions that are not possible
     * @param int|null           $longestHoldSeconds longest single hold, where the state caps it
     */
    public function __construct(
        public string $name,
        public array $highest,
        public array $excluded,
        public Side $side,
        public string $caution,
        public ?int $longestHoldSeconds = null,
    ) {}

    /** The first thing about such an exercise that goes beyond the limit, in words; null when nothing does. */
    public function objectsTo(Loads $loads, Position $position): ?string
    {
        if (in_array($position, $this->excluded, true)) {
            return "is done {$position->inWords()}";
        }
        foreach ($this->highest as $tag => $highest) {
            $load = Load::from($tag);
            if ($loads->value($load) > $highest) {
                return "loads {$load->inWords()}";
            }
        }

        return null;
    }
}
