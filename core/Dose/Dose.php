<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/**
 * What is prescribed of one exercise: sets, what a set consists of, tempo, rest and load.
 *
 * A falling set is one set for each of its steps (6-5-4 holds: three sets).
 * Optional sets come on top when the last one was clean, and are counted apart.
 * Where `perSide` is true the body is what each side does. Rest and tempo left out mean the default of the rung.
 */
final readonly class Dose
{
    /** @param non-empty-list<SetBody> $bodies one for each set */
    private function __construct(
        public array $bodies,
        public bool $perSide,
        public ?Tempo $tempo,
        public ?int $restSeconds,
        public ?int $loadGrams,
        public int $optionalSets = 0,
    ) {}

    /** @throws InvalidDose */
    public static function of(int $sets, SetBody $body, bool $perSide = false, ?Tempo $tempo = null, ?int $restSeconds = null, ?int $loadGrams = null, int $optionalSets = 0): self
    {
        Bounds::within($sets, 1, 20, 'Sets');

        return self::make(array_fill(0, max(1, $sets), $body), $perSide, $tempo, $restSeconds, $loadGrams, $optionalSets);
    }

    /**
     * Falling sets of short holds, such as 6, then 5, then 4 holds of 10 s.
     *
     * @param list<int> $counts strictly falling
     *
     * @throws InvalidDose
     */
    public static function falling(array $counts, int $holdSeconds, int $gapSeconds, bool $perSide = false, ?Tempo $tempo = null, ?int $restSeconds = null, ?int $loadGrams = null, int $optionalSets = 0): self
    {
        Bounds::within(count($counts), 2, 20, 'Falling sets');
        $bodies = [];
        foreach ($counts as $index => $count) {
            if ($index > 0 && $count >= $counts[$index - 1]) {
                throw InvalidDose::because('Falling sets get shorter from set to set, such as 6-5-4.');
            }
            $bodies[] = Holds::of($count, $holdSeconds, $gapSeconds);
        }
        if ($bodies === []) {
            throw InvalidDose::because('Falling sets need at least two steps.');
        }

        return self::make($bodies, $perSide, $tempo, $restSeconds, $loadGrams, $optionalSets);
    }

    public function sets(): int
    {
        return count($this->bodies);
    }

    /** The body of a set, counted from 1. */
    public function body(int $set): SetBody
    {
        return $this->bodies[$set - 1] ?? throw new \OutOfRangeException("There is no set {$set}.");
    }

    public function first(): SetBody
    {
        return $this->bodies[0];
    }

    public function isFalling(): bool
    {
        $last = $this->bodies[count($this->bodies) - 1];

        return $last->target() !== $this->bodies[0]->target();
    }

    public function unit(): Unit
    {
        return $this->first()->unit();
    }

    /**
     * The same dose for another number of sets; falling sets lose their last ones.
     *
     * @throws InvalidDose
     */
    public function withSets(int $sets): self
    {
        Bounds::within($sets, 1, 20, 'Sets');
        $bodies = $this->isFalling() ? array_slice($this->bodies, 1, max(0, $sets - 1)) : array_fill(0, max(0, $sets - 1), $this->first());

        return self::make([$this->first(), ...$bodies], $this->perSide, $this->tempo, $this->restSeconds, $this->loadGrams, $this->optionalSets);
    }

    /** @throws InvalidDose */
    public function withBody(SetBody $body): self
    {
        return self::make(array_fill(0, max(1, $this->sets()), $body), $this->perSide, $this->tempo, $this->restSeconds, $this->loadGrams, $this->optionalSets);
    }

    public function withTempo(?Tempo $tempo): self
    {
        return self::make($this->bodies, $this->perSide, $tempo, $this->restSeconds, $this->loadGrams, $this->optionalSets);
    }

    /**
     * With null the rest is the default again.
     *
     * @throws InvalidDose
     */
    public function withRest(?int $seconds): self
    {
        return self::make($this->bodies, $this->perSide, $this->tempo, $seconds, $this->loadGrams, $this->optionalSets);
    }

    /** @throws InvalidDose */
    public function withLoad(?int $grams): self
    {
        return self::make($this->bodies, $this->perSide, $this->tempo, $this->restSeconds, $grams, $this->optionalSets);
    }

    public function eachSide(bool $perSide): self
    {
        return self::make($this->bodies, $perSide, $this->tempo, $this->restSeconds, $this->loadGrams, $this->optionalSets);
    }

    /** @param non-empty-list<SetBody> $bodies */
    private static function make(array $bodies, bool $perSide, ?Tempo $tempo, ?int $restSeconds, ?int $loadGrams, int $optionalSets): self
    {
        if ($restSeconds !== null) {
            Bounds::within($restSeconds, 0, 600, 'The rest between sets');
        }
        if ($loadGrams !== null) {
            Bounds::within($loadGrams, 100, 500_000, 'The load in grams');
        }
        if ($tempo !== null && $bodies[0]->unit() !== Unit::Reps && ! $bodies[0] instanceof Timed) {
            throw InvalidDose::because('A tempo belongs to repetitions; a hold or a carry has none.');
        }
        if ($bodies[0] instanceof Timed && $perSide) {
            throw InvalidDose::because('A timed set holds both sides in its seconds: leave out “/side”.');
        }

        Bounds::within($optionalSets, 0, 5, 'Optional sets');

        return new self($bodies, $perSide, $tempo, $restSeconds, $loadGrams, $optionalSets);
    }
}
