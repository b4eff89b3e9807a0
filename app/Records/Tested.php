<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Person;
use App\Models\User;
use App\Time\PracticeClock;

/** The columns every test shares: who tested whom, and when. */
final class Tested
{
    /** @return array{person_id: string, tested_on: string, time_zone: string, user_id: string, sequence: int} */
    public static function now(Person $person, PracticeClock $clock, User $by): array
    {
        return [
            'person_id' => $person->id,
            'tested_on' => $clock->today()->iso(),
            'time_zone' => $clock->timeZone(),
            'user_id' => $by->id,
            'sequence' => $clock->sequence(),
        ];
    }
}
