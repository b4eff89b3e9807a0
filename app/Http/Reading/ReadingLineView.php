<?php

declare(strict_types=1);

namespace App\Http\Reading;

/** Somebody who is shared with a reader. */
final readonly class ReadingLineView
{
    /**
     * @param string      $by     who shared them
     * @param string      $since  date
     * @param string|null $until  the last day
     * @param int         $unread notes of trainers that were not read yet
     */
    public function __construct(public string $person, public string $name, public string $about, public string $by, public string $since, public ?string $until, public int $unread) {}
}
