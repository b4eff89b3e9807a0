<?php

declare(strict_types=1);

namespace EvenRungs\Reason;

/** What a rule rests on. */
enum Basis: string
{
    case Published = 'published';
    case CommonPractice = 'common practice';
    case OurChoice = 'our own choice';
    case Arithmetic = 'arithmetic';
}
