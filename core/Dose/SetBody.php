<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** What one set consists of; always for one side where the sides are counted apart. */
interface SetBody
{
    public function unit(): Unit;

    /** What the set asks for, in its unit: repetitions, seconds held, or metres. */
    public function target(): int;
}
