<?php

declare(strict_types=1);

namespace EvenRungs\Person;

/** The steps of the job for one person, in their order. Values are addresses: never renamed. */
enum Step: string
{
    case Person = 'person';
    case Checks = 'checks';
    case Board = 'board';
    case Session = 'session';
    case Week = 'week';
    case Weeks = 'weeks';
    case Sheet = 'sheet';
    case Coach = 'coach';
    case Review = 'review';
}
