<?php

declare(strict_types=1);

namespace App\Http\Session;

/** A session in a list, told apart by date, length and where it comes from. */
final readonly class SessionLineView
{
    /**
     * @param string      $madeOn date
     * @param string|null $length as written, such as 12:40; null for sessions from before lengths were kept
     * @param bool        $isToPick the person picks some of it: the length is that of the longest choice
     * @param string|null $origin where it comes from, in words
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $madeOn,
        public ?string $length,
        public bool $isToPick,
        public ?string $origin,
        public string $changedAt,
        public ?string $lastDone,
    ) {}
}
