<?php

declare(strict_types=1);

namespace App\Http\Week;

use EvenRungs\Week\Shape;

/** A shape that a week can start from. */
final readonly class ShapeChoiceView
{
    public function __construct(public Shape $shape, public string $label, public string $words) {}

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(static fn(Shape $shape): self => new self($shape, $shape->label(), $shape->inWords()), Shape::cases());
    }
}
