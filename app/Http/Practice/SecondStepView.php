<?php

declare(strict_types=1);

namespace App\Http\Practice;

/** What an authenticator needs to show codes. */
final readonly class SecondStepView
{
    /**
     * @param string $secret  to be typed
     * @param string $address the same, to be read from a picture
     */
    public function __construct(public string $secret, public string $address) {}
}
