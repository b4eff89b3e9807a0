<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/** How holds grow, in the order of the choices of Question::HoldStrategy. */
enum HoldStrategy
{
    case ShortRepeated;
    case Capped;
    case Long;
}
