<?php

declare(strict_types=1);

namespace App\Http\Home;

/** A session of the person's week. */
final readonly class HomeSessionView
{
    /**
     * @param string|null $on  date; null where it is for no day
     * @param string $kitText  what is needed; empty for nothing
     * @param int    $exercises so many there are
     * @param bool   $isDone   that day
     * @param string|null $asked why another day was asked for, such as no time; null where it was not
     * @param string|null $meets when the squad it is done with meets, such as at 19:00; null where it is done alone
     */
    public function __construct(public string $id, public string $title, public ?string $on, public string $lengthText, public string $kitText, public int $exercises, public bool $isDone, public ?string $asked = null, public ?string $meets = null) {}
}
