<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** How far a movement goes: centimetres, or a named part of its way. */
final readonly class Range
{
    private function __construct(public ?int $centimetres, public ?RangePart $part) {}

    /** @throws InvalidDose */
    public static function ofCentimetres(int $centimetres): self
    {
        return new self(Bounds::within($centimetres, 5, 300, 'The range in centimetres'), null);
    }

    public static function part(RangePart $part): self
    {
        return new self(null, $part);
    }

    /**
     * As it is printed: `45cm` or `half`; null for anything else.
     *
     * @throws InvalidDose when the centimetres are out of bounds
     */
    public static function parse(string $text): ?self
    {
        if (preg_match('/^(\d{1,6})cm$/', $text, $found) === 1) {
            return self::ofCentimetres((int) $found[1]);
        }
        $part = RangePart::tryFrom($text);

        return $part === null ? null : self::part($part);
    }

    public function print(): string
    {
        return $this->part->value ?? "{$this->centimetres}cm";
    }

    /** "45 cm", "half the way" */
    public function inWords(): string
    {
        return match ($this->part) {
            RangePart::Third => 'a third of the way',
            RangePart::Half => 'half the way',
            RangePart::Whole => 'the whole way',
            null => "{$this->centimetres} cm",
        };
    }

    /** Centimetres go with centimetres, a part of the way with another; else neither is the wider. */
    public function isWiderThan(?self $other): bool
    {
        return match (true) {
            $other === null => false,
            $this->part !== null && $other->part !== null => $this->part->place() > $other->part->place(),
            default => $this->centimetres !== null && $other->centimetres !== null && $this->centimetres > $other->centimetres,
        };
    }

    public function is(?self $other): bool
    {
        return $other !== null && $this->print() === $other->print();
    }
}
