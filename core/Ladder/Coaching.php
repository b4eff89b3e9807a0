<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

/** What a trainer says and looks for on a rung. */
final readonly class Coaching
{
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
        public string $wayOut,
        public string $relief,
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
