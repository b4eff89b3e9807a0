<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Limit;

/** What a trainer says and looks for on a rung. */
final readonly class Coaching
{
    /** Where a limit speaks against the way out, or the relief, of the rung: on the side nothing is bent, knelt on or upside down. */
    private const WAY_OUT_ON_THE_SIDE = 'Let go, lower to the floor and roll to the easier side.';

    private const RELIEF_ON_THE_SIDE = 'Lie on the easier side and breathe.';

    /**
     * @param list<Said>   $cues         what to do, in order, one on each topic; `{brace}` stands for the method's trunk technique
     * @param string       $check        how to check by touch, prop or photo
     * @param list<Fault>  $faults
     * @param string       $felt         where it should be felt
     * @param string       $notFelt      where it should not
     * @param string       $fallback     easier at once, within the set
     * @param string|null  $fallbackRung slug of the rung that is, where it is one
     * @param array<string, array{means: string, cue: string}> $wrongPlaces by place of feeling
     */
    public function __construct(
        public string $purpose,
        public array $cues,
        public string $check,
        public array $faults,
        public string $breathing,
        public string $felt,
        public string $notFelt,
        public string $fallback,
        public ?string $fallbackRung,
        public Ending $wayOut,
        public Ending $relief,
        private array $wrongPlaces = [],
    ) {}

    /** What a wrong place of feeling means here; null where the rung does not say. */
    public function meaningOf(string $place): ?string
    {
        return $this->wrongPlaces[$place]['means'] ?? null;
    }

    /** The cue for a wrong place; null where the rung has none of its own. */
    public function cueFor(string $place): ?string
    {
        return $this->wrongPlaces[$place]['cue'] ?? null;
    }

    /**
     * How to leave the exercise, and what eases the body after it, within what a person's limits allow.
     *
     * @param list<Limit> $limits
     */
    public function toEnd(array $limits): string
    {
        return "{$this->wayOut->within($limits, self::WAY_OUT_ON_THE_SIDE)} {$this->relief->within($limits, self::RELIEF_ON_THE_SIDE)}";
    }

    /** What is said of a topic; null where nothing is. */
    public function on(Topic $topic): ?Said
    {
        foreach ($this->cues as $cue) {
            if ($cue->topic === $topic) {
                return $cue;
            }
        }

        return null;
    }
}
