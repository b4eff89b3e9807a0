<?php

declare(strict_types=1);

namespace App\Http\Review;

use EvenRungs\Person\OpenTraining;

/** A training a device told of, of which something has to be said before it counts as told. */
final readonly class UnsettledView
{
    /** @param 'end'|'two'|'answers' $waits for what: its end, whether it is one training with another device's, or which answer holds */
    public function __construct(
        public string $id,
        public string $session,
        public string $title,
        public string $on,
        public int $sets,
        public string $waits,
        public string $sentence,
    ) {}

    public static function of(OpenTraining $open): self
    {
        return new self($open->id, $open->session, $open->title, $open->on->iso(), $open->sets, $open->waits, $open->sentence());
    }
}
