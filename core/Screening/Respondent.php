<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

/** Who answered for the person. The values are kept with stored answers: never renamed. */
enum Respondent: string
{
    case Person = 'person';
    case Guardian = 'guardian';
    case Carer = 'carer';

    public function inWords(): string
    {
        return match ($this) {
            self::Person => 'the person',
            self::Guardian => 'a parent or guardian',
            self::Carer => 'somebody who cares for the person',
        };
    }
}
