<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

/** What kind of work a rung is: the second target of some aims. */
enum Kind: string
{
    case Bracing = 'bracing';
    case Integrated = 'integrated';
    case Isolated = 'isolated';
}
