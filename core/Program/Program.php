<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Reason\Reason;

/** Weeks in order, with a re-test at the end. */
final readonly class Program
{
    /**
     * @param list<ProgramWeek>  $weeks weeks away among them
     * @param list<GateForecast> $gates
     * @param list<Reason>       $notes what holds for the whole of it
     */
    public function __construct(public array $weeks, public array $gates, public array $notes) {}
}
