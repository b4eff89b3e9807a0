<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Need;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The time to get from one exercise to the next: the largest that applies, never summed (our own choice). */
final readonly class ChangeOver
{
    private function __construct(public int $seconds, public string $why, public Reason $reason) {}

    public static function between(Item $from, Item $to): self
    {
        $atHand = array_merge(...array_map(static fn(Need $need): array => $need->anyOf, $from->rung->kit));
        $fetch = array_values(array_filter(
            $to->rung->kit,
            static fn(Need $need): bool => ! $need->metBy([Kit::Mat, ...$atHand]),
        ));
        [$seconds, $why] = match (true) {
            $fetch !== [] => [30, "fetch {$fetch[0]->label()}"],
            $from->rung->position !== $to->rung->position => [20, "from {$from->rung->position->inWords()} to {$to->rung->position->inWords()}"],
            default => [10, 'same position, same kit'],
        };

        return new self($seconds, $why, Reason::because(
            Rule::ChangeOver,
            "{$seconds} s to change over: {$why}.",
            ['from' => $from->rung->name, 'to' => $to->rung->name],
        ));
    }
}
