<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Body\Side;

/**
 * What is prescribed of one exercise: sets, what a set consists of, tempo, rest and load.
 *
 * A falling set is one set for each of its steps (6-5-4 holds: three sets).
 * Optional sets come on top when the last one was clean, and are counted apart.
 * Where `perSide` is true the body is what each side does; `only` names the one side that works while the other rests,
 * and extra sets are further ones of one side alone. Rest and tempo left out mean the default of the rung.
 */
final readonly class Dose
{
    /**
     * @param non-empty-list<SetBody> $bodies    one for each set, extra ones left out
     * @param Side|null               $only      left or right; null where both work
     * @param Range|null              $range     how far each repetition goes, on rungs that have a range
     * @param Side|null               $extraSide left or right; null where there are no extra sets
     * @param Pull|null               $pull      of a band or cable; it stands where a load would
     */
    private function __construct(
        public array $bodies,
        public bool $perSide,
        public ?Tempo $tempo = null,
        public ?int $restSeconds = null,
        public ?int $loadGrams = null,
        public int $optionalSets = 0,
        public ?Side $only = null,
        public int $extraSets = 0,
        public ?Side $extraSide = null,
        public ?Range $range = null,
        public ?Pull $pull = null,
    ) {}

    /** @throws InvalidDose */
    public static function of(int $sets, SetBody $body, bool $perSide = false, ?Tempo $tempo = null, ?int $restSeconds = null, ?int $loadGrams = null, int $optionalSets = 0): self
    {
        Bounds::within($sets, 1, 20, 'Sets');

        return self::checked(new self(array_fill(0, max(1, $sets), $body), $perSide, $tempo, $restSeconds, $loadGrams, $optionalSets));
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

        return self::checked(new self($bodies, $perSide, $tempo, $restSeconds, $loadGrams, $optionalSets));
    }

    public function sets(): int
    {
        return count($this->bodies);
    }

    /** Sets of both sides and extra ones of one side together. */
    public function allSets(): int
    {
        return $this->sets() + $this->extraSets;
    }

    /** The body of a set, counted from 1; an extra one is like the last. */
    public function body(int $set): SetBody
    {
        return $this->bodies[$set > $this->sets() && $set <= $this->allSets() ? $this->sets() - 1 : $set - 1] ?? throw new \OutOfRangeException("There is no set {$set}.");
    }

    /** The one side that works in a set; null where both do. */
    public function sideOf(int $set): ?Side
    {
        return $set > $this->sets() ? $this->extraSide : $this->only;
    }

    /** What is asked of one side alone; null where it rests. */
    public function asSeenFrom(Side $side): ?self
    {
        if ($this->only !== null && $this->only !== $side) {
            return null;
        }

        return $this->changed(['bodies' => [...$this->bodies, ...array_fill(0, $this->extraSide === $side ? $this->extraSets : 0, $this->body($this->allSets()))], 'only' => null, 'extraSets' => 0, 'extraSide' => null]);
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

        return $this->over([$this->first(), ...$bodies]);
    }

    /** @throws InvalidDose */
    public function withBody(SetBody $body): self
    {
        return $this->over(array_fill(0, max(1, $this->sets()), $body));
    }

    /**
     * The same with other counts of holds, set by set.
     *
     * @param list<int> $counts strictly falling
     *
     * @throws InvalidDose
     */
    public function fallingBy(array $counts, Holds $like): self
    {
        return $this->changed(['bodies' => self::falling($counts, $like->seconds, $like->gapSeconds)->bodies]);
    }

    public function withTempo(?Tempo $tempo): self
    {
        return $this->changed(['tempo' => $tempo]);
    }

    /**
     * With null the rest is the default again.
     *
     * @throws InvalidDose
     */
    public function withRest(?int $seconds): self
    {
        return $this->changed(['restSeconds' => $seconds]);
    }

    /** More in a set: a higher target, a heavier load, a stronger band or more of the way. */
    public function asksForMoreThan(self $other): bool
    {
        return $this->isHarderThan($other) || ($this->unit() === $other->unit() && $this->first()->target() > $other->first()->target());
    }

    /** Against less, or over less of the way, whatever is asked for in a set; where that is the same, less in a set. */
    public function asksForLessThan(self $other): bool
    {
        $isSame = ! $this->isHarderThan($other) && ! $other->isHarderThan($this);

        return $isSame ? $other->asksForMoreThan($this) : ! $this->isHarderThan($other);
    }

    private function isHarderThan(self $other): bool
    {
        return ($this->loadGrams ?? 0) > ($other->loadGrams ?? 0)
            || ($this->pull->newtons ?? 0) > ($other->pull->newtons ?? 0)
            || ($this->range?->isWiderThan($other->range) ?? false);
    }

    /** @throws InvalidDose */
    public function withLoad(?int $grams): self
    {
        return $this->changed(['loadGrams' => $grams]);
    }

    public function withPull(?Pull $pull): self
    {
        return $this->changed(['pull' => $pull]);
    }

    public function withRange(?Range $range): self
    {
        return $this->changed(['range' => $range]);
    }

    public function eachSide(bool $perSide): self
    {
        return $this->changed(['perSide' => $perSide]);
    }

    /**
     * For one side while the other rests; `both` for each side again. Extra sets of a side that rests fall away.
     *
     * @throws InvalidDose where the sides are not counted apart
     */
    public function onlyOn(Side $side): self
    {
        return $this->changed($side === Side::Both
            ? ['only' => null]
            : ['only' => $side, 'bodies' => [...$this->bodies, ...array_fill(0, $this->extraSide === $side ? $this->extraSets : 0, $this->body($this->allSets()))], 'extraSets' => 0, 'extraSide' => null]);
    }

    /**
     * With further sets of one side alone; 0 for none.
     *
     * @throws InvalidDose where the sides are not counted apart, or one of them rests
     */
    public function withExtra(int $sets, Side $side): self
    {
        return $this->changed(['extraSets' => $sets, 'extraSide' => $sets === 0 ? null : $side]);
    }

    /**
     * With other sets and all else alike: written out, since planning does it thousands of times.
     *
     * @param non-empty-list<SetBody> $bodies
     *
     * @throws InvalidDose
     */
    private function over(array $bodies): self
    {
        return self::checked(new self($bodies, $this->perSide, $this->tempo, $this->restSeconds, $this->loadGrams, $this->optionalSets, $this->only, $this->extraSets, $this->extraSide, $this->range, $this->pull));
    }

    /**
     * @param array<string, mixed> $parts by name
     *
     * @throws InvalidDose
     */
    private function changed(array $parts): self
    {
        /** @var array{bodies: non-empty-list<SetBody>, perSide: bool, tempo: Tempo|null, restSeconds: int|null, loadGrams: int|null, optionalSets: int, only: Side|null, extraSets: int, extraSide: Side|null, range: Range|null, pull: Pull|null} $all */
        $all = [...get_object_vars($this), ...$parts];

        return self::checked(new self(...$all));
    }

    /** @throws InvalidDose */
    private static function checked(self $dose): self
    {
        if ($dose->restSeconds !== null) {
            Bounds::within($dose->restSeconds, 0, 600, 'The rest between sets');
        }
        if ($dose->loadGrams !== null) {
            Bounds::within($dose->loadGrams, 100, 500_000, 'The load in grams');
        }
        if ($dose->loadGrams !== null && $dose->pull !== null) {
            throw InvalidDose::because('A dose has a load or the pull of a band, not both.');
        }
        if ($dose->tempo !== null && $dose->unit() !== Unit::Reps && ! $dose->first() instanceof Timed) {
            throw InvalidDose::because('A tempo belongs to repetitions; a hold or a carry has none.');
        }
        if ($dose->first() instanceof Timed && $dose->perSide) {
            throw InvalidDose::because('A timed set holds both sides in its seconds: leave out “/side”.');
        }
        if (! $dose->perSide && ! $dose->first() instanceof Timed && ($dose->only !== null || $dose->extraSide !== null)) {
            throw InvalidDose::because('Both sides work at once here: no side has a dose of its own.');
        }
        if ($dose->only !== null && $dose->extraSide !== null) {
            throw InvalidDose::because("Only the {$dose->only->value} side works here: write its sets, without extra ones.");
        }
        Bounds::within($dose->optionalSets, 0, 5, 'Optional sets');
        Bounds::within($dose->extraSets, 0, 5, 'Extra sets of one side');

        return $dose;
    }
}
