<?php

declare(strict_types=1);

namespace App\Http\Home;

/** Words of the trainer to the person. */
final readonly class HomeAnswerView
{
    /** @param string $on date */
    public function __construct(public string $id, public string $by, public string $on, public string $text, public bool $isNew) {}
}
