<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/**
 * What is prescribed of one exercise: sets, what a set consists of, tempo, rest and load.
 *
 * A falling set is one set for each of its steps (6-5-4 holds: three sets).
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
    ) {}

    /** @throws InvalidDose */
    public static function of(int $sets, SetBody $body, bool $perSide = false, ?Tempo $tempo = null, ?int $restSeconds = null, ?int $loadGrams = null): self
    {
        Bounds::within($sets, 1, 20, 'Sets');

        return self::make(array_fill(0, max(1, $sets), $body), $perSide, $tempo, $restSeconds, $loadGrams);
    }

    /**
     * Falling sets of short holds, such as 6, then 5, then 4 holds of 10 s.
     *
     * @param list<int> $counts strictly falling
     *
     * @throws InvalidDose
     */
    public static function falling(array $counts, int $holdSeconds, int $gapSeconds, bool $perSide = false, ?Tempo $tempo = null, ?int $restSeconds = null, ?int $loadGrams = null): self
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

        return self::make($bodies, $perSide, $tempo, $restSeconds, $loadGrams);
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
     * The same dose for another number of sets.
     *
     * @throws InvalidDose
     */
    public function withSets(int $sets): self
    {
        if ($this->isFalling()) {
            return self::make(array_slice($this->bodies, 0, max(1, $sets)), $this->perSide, $this->tempo, $this->restSeconds, $this->loadGrams);
        }

        return self::of($sets, $this->first(), $this->perSide, $this->tempo, $this->restSeconds, $this->loadGrams);
    }

    public function eachSide(bool $perSide): self
    {
        return self::make($this->bodies, $perSide, $this->tempo, $this->restSeconds, $this->loadGrams);
    }

    /** @param non-empty-list<SetBody> $bodies */
    private static function make(array $bodies, bool $perSide, ?Tempo $tempo, ?int $restSeconds, ?int $loadGrams): self
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

        return new self($bodies, $perSide, $tempo, $restSeconds, $loadGrams);
    }
}
