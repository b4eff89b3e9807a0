<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Method\Method;

/** What decides which rungs a person may stand on: limits of the body, the kit at hand and the trainer's method. */
final readonly class Circumstances
{
    /**
     * @param list<Limit> $limits
     * @param list<Kit>   $kit
     */
    public function __construct(public array $limits, public array $kit, public Method $method) {}

    public function rule(Rung $rung): Ruling
    {
        return Ruling::of($rung, $this);
    }

    /** Highest rung of a ladder that is open on at least one side, or null. */
    public function highestOpen(Ladder $ladder): ?Rung
    {
        $open = array_filter($ladder->rungs, fn(Rung $rung): bool => $this->rule($rung)->openSomewhere());

        return $open === [] ? null : $open[array_key_last($open)];
    }

    /** The next rung of the trunk in one direction that is open on at least one side, or null. */
    public function nextOpen(Ladder $ladder, Rung $rung, bool $up): ?Rung
    {
        do {
            $rung = $up ? $ladder->above($rung, $this->method) : $ladder->below($rung, $this->method);
        } while ($rung !== null && ! $this->rule($rung)->openSomewhere());

        return $rung;
    }
}
