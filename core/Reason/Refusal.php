<?php

declare(strict_types=1);

namespace EvenRungs\Reason;

/**
 * Something asked of the core that cannot be: its message is a sentence for the trainer.
 * Each kind is a named exception below this one.
 */
abstract class Refusal extends \DomainException
{
    /** A stable word for the kind of refusal, such as `tempo` or `dose-line`. */
    abstract public function kind(): string;
}
