<?php

declare(strict_types=1);

namespace App\Http\Home;

/** The links to a person's own page that open, and the devices they were opened on. */
final readonly class LinksView
{
    /**
     * @param string|null          $until   until when the last of them opens, a date; null where there is none
     * @param list<HomeDeviceView> $devices the newest first
     * @param string|null          $address of the link that was just made: it is shown only now
     */
    public function __construct(public ?string $until, public array $devices, public ?string $address = null) {}
}
