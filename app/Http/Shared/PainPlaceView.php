<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Progress\PainPlace;

/** A place where it can hurt. */
final readonly class PainPlaceView
{
    /** @param bool $sided whether left and right can differ */
    public function __construct(
        public string $value,
        public string $label,
        public bool $sided,
    ) {}

    public static function of(PainPlace $place): self
    {
        return new self($place->value, $place->label(), $place->isSided());
    }
}
