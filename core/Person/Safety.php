<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Allowance;
use EvenRungs\Screening\Clearance;
use EvenRungs\Screening\Sign;

/** What was noted of limits, danger signs and clearances. */
final readonly class Safety
{
    /**
     * @param list<NotedLimit> $limits     that are not lifted
     * @param list<Sign>       $signs      danger signs answered with yes
     * @param list<Clearance>  $clearances in order of time
     * @param Day|null         $lastAsked  when the danger signs were asked for; null when never
     * @param list<Allowance>  $allowances that are not taken back
     */
    public function __construct(public array $limits, public array $signs, public array $clearances, public ?Day $lastAsked, public array $allowances = []) {}

    public function clearanceHolds(Day $day): bool
    {
        return array_filter($this->clearances, static fn(Clearance $clearance): bool => $clearance->holdsOn($day)) !== [];
    }
}
