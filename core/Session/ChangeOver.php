<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Need;

/** The time to get from one exercise to the next: the largest that applies, never summed (our own choice). */
final readonly class ChangeOver
{
    private function __construct(public int $seconds, public string $why) {}

    public static function between(Item $from, Item $to): self
    {
        $fetch = $to->rung->kit === [] ? [] : self::toFetch($from, $to);
        [$seconds, $why] = match (true) {
            $fetch !== [] => [30, "kit to get ready: {$fetch[0]->label()}"],
            $from->rung->position !== $to->rung->position => [20, "from {$from->rung->position->inWords()} to {$to->rung->position->inWords()}"],
            default => [10, 'same position, same kit'],
        };

        return new self($seconds, $why);
    }

    /** @return list<Need> what the next exercise needs and the one before does not */
    private static function toFetch(Item $from, Item $to): array
    {
        $atHand = array_merge([Kit::Mat], ...array_map(static fn(Need $need): array => $need->anyOf, $from->rung->kit));

        return array_values(array_filter($to->rung->kit, static fn(Need $need): bool => ! $need->metBy($atHand)));
    }
}
