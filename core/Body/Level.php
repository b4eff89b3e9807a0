<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** A band of heights. */
enum Level: string
{
    case Foundation = 'foundation';
    case Beginner = 'beginner';
    case Intermediate = 'intermediate';
    case Advanced = 'advanced';
    case Performance = 'performance';
}
