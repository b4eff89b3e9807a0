<?php

declare(strict_types=1);

namespace App\Http\Coach;

use EvenRungs\Log\EndReason;
use EvenRungs\Log\EventKind;
use EvenRungs\Log\ReportedSet;
use EvenRungs\Progress\MorningPain;
use EvenRungs\Progress\StartPain;

/** One thing a device tells of a training, as it is sent; core's Event with what is not said left out. */
final readonly class EventInput
{
    /**
     * @param string               $id      made by the device, in order of its own time
     * @param list<string>         $instead events of the same thing this one takes the place of
     * @param list<int>            $moments seconds after the start at which something was done since the last one told
     * @param string|null          $item    exercise, where it is of a set
     * @param int|null             $number  of the set, from 1
     * @param list<StartPain>|null $before  pain before the first set; null when nobody asked
     * @param int|null             $seconds that were trained
     * @param string|null          $other   training this one is, or is not; of a morning the log it comes after
     * @param list<MorningPain>|null $pains of a morning: none for nothing anywhere
     * @param EndReason|null       $why     it ended before the last set
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public array $instead,
        public array $moments,
        public ?string $item = null,
        public ?int $number = null,
        public ?ReportedSet $set = null,
        public ?array $before = null,
        public ?int $seconds = null,
        public ?string $other = null,
        public ?EndReason $why = null,
        public ?array $pains = null,
    ) {}
}
