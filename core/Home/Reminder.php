<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** Something a person is to be reminded of, once. */
final readonly class Reminder
{
    /** @param string $about which of its kind: each is said once */
    public function __construct(public MessageKind $kind, public string $about) {}
}
