<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** The pull of a band or cable: a strength by name, or newtons as they were measured. */
final readonly class Pull
{
    public const LEAST = 5;

    public const MOST = 600;

    /** Newtons that a typed pull is changed by: what a hanging scale tells apart. */
    private const STEP = 5;

    private function __construct(public ?BandStrength $band, public int $newtons) {}

    public static function of(BandStrength $band): self
    {
        return new self($band, $band->newtons());
    }

    /** @throws InvalidDose */
    public static function ofNewtons(int $newtons): self
    {
        return new self(null, Bounds::within($newtons, self::LEAST, self::MOST, 'The pull in newtons'));
    }

    /**
     * As it is printed: `light` or `80N`; null for anything else.
     *
     * @throws InvalidDose when the newtons are out of bounds
     */
    public static function parse(string $text): ?self
    {
        if (preg_match('/^(\d{1,6})\s*N$/i', $text, $found) === 1) {
            return self::ofNewtons((int) $found[1]);
        }
        $band = BandStrength::tryFrom(strtolower($text));

        return $band === null ? null : self::of($band);
    }

    public function print(): string
    {
        return $this->band->value ?? "{$this->newtons}N";
    }

    /** "light band", "80 N of pull" */
    public function inWords(): string
    {
        return $this->band === null ? "{$this->newtons} N of pull" : "{$this->band->value} band";
    }

    /** The next one up; null where no stronger band has a name. */
    public function harder(): ?self
    {
        if ($this->band !== null) {
            $next = $this->band->harder();

            return $next === null ? null : self::of($next);
        }
        // At least two in a hundred more, as with weights.
        $next = self::STEP * intdiv(intdiv($this->newtons * 102 + 99, 100) + self::STEP - 1, self::STEP);

        return $next > self::MOST ? null : new self(null, $next);
    }

    public function lighter(): ?self
    {
        if ($this->band !== null) {
            $next = $this->band->lighter();

            return $next === null ? null : self::of($next);
        }
        $next = self::STEP * intdiv($this->newtons * 95, 100 * self::STEP);

        return $next < self::LEAST ? null : new self(null, $next);
    }

    public function is(?self $other): bool
    {
        return $other !== null && $this->print() === $other->print();
    }
}
