<?php

declare(strict_types=1);

namespace EvenRungs\Log;

use EvenRungs\Progress\MorningPain;
use EvenRungs\Progress\StartPain;

/**
 * One thing a device told of a training. It may arrive late, often and in any order: what it takes the place of it says
 * itself, by the events its device knew then. No clock is asked.
 */
final readonly class Event
{
    /**
     * @param string               $id      made by the device; in order of its own time
     * @param list<string>         $instead events of the same thing this one takes the place of
     * @param list<int>            $moments seconds after the start of the training at which something was done
     * @param string|null          $item    exercise, where it is of a set
     * @param int|null             $number  of the set, from 1
     * @param list<StartPain>|null $before  null takes the answer back
     * @param int|null             $seconds that were trained
     * @param string|null          $other   training this one is, or is not; of a morning the log it comes after
     * @param list<MorningPain>|null $pains of a morning: none for nothing anywhere
     * @param EndReason|null       $why     it ended before the last set; null where it did not, or nobody said
     */
    public function __construct(
        public string $id,
        public EventKind $kind,
        public array $instead = [],
        public array $moments = [],
        public ?string $item = null,
        public ?int $number = null,
        public ?ReportedSet $set = null,
        public ?array $before = null,
        public ?int $seconds = null,
        public ?string $other = null,
        public ?EndReason $why = null,
        public ?array $pains = null,
    ) {}

    /** What it speaks of: of the same thing one event holds. */
    public function about(): string
    {
        return match (true) {
            $this->kind->isOfASet() => "set {$this->item} {$this->number}",
            $this->kind === EventKind::Morning => "morning {$this->other}",
            $this->other !== null => "training {$this->other}",
            default => $this->kind->value,
        };
    }

    /** Whether the other says the very same of the same thing. */
    public function saysAs(self $other): bool
    {
        return $this->about() === $other->about() && $this->said() === $other->said();
    }

    /** Not compared as values: nothing told would equal none. */
    private function said(): string
    {
        return json_encode([$this->kind, $this->set, $this->before, $this->seconds, $this->why, $this->pains], JSON_THROW_ON_ERROR);
    }
}
