<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/** Whose answer it is; the nearest one given wins. In order from far to near. Values are stored: never renamed. */
enum MethodLevel: string
{
    case Practice = 'practice';
    case Trainer = 'trainer';
    case Person = 'person';
    case Program = 'program';

    /** "the trainer’s" */
    public function whose(): string
    {
        return "the {$this->value}’s";
    }
}
