<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** What is counted until a stage comes. Values are stored: never renamed. */
enum StageAfter: string
{
    case Days = 'days';
    case Sessions = 'sessions';
}
