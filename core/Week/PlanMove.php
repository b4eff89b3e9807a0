<?php

declare(strict_types=1);

namespace EvenRungs\Week;

/** A core session that is different in one week: elsewhere, otherwise, or left out of it. */
final readonly class PlanMove
{
    /**
     * @param string           $monday of that week, as a date
     * @param Cell|null        $cell   null: left out
     * @param SessionRole|null $role   as in every week when null
     * @param int|null         $effort as in every week when null
     */
    public function __construct(public string $slot, public string $monday, public ?Cell $cell, public ?SessionRole $role, public ?int $effort) {}
}
