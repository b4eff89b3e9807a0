<?php

declare(strict_types=1);

namespace EvenRungs\Body;

/** Only used to choose the published group that a hold is compared with. */
enum Sex: string
{
    case Female = 'female';
    case Male = 'male';
}
