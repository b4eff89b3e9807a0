<?php

declare(strict_types=1);

namespace EvenRungs\Home;

use EvenRungs\Calendar\Day;

/** What a person told from home and nobody has seen to yet. */
final readonly class HomeNote
{
    private const SHOWN = 90;

    /**
     * @param string|null $session asked to be put off, by its id
     * @param string      $title   of it; empty where it is of none
     * @param Day         $on      day it is about
     */
    public function __construct(public string $id, public NoteKind $kind, public ?NotToday $reason, public string $text, public ?string $session, public string $title, public Day $on) {}

    public function sentence(): string
    {
        $words = $this->text === '' ? '' : '“'.mb_strimwidth($this->text, 0, self::SHOWN, '…').'”';

        return $this->kind === NoteKind::NotToday
            ? "Not on {$this->on->inWords()}".($this->title === '' ? '' : ", “{$this->title}”").': '.($this->reason ?? NotToday::Other)->label().'.'.($words === '' ? '' : " {$words}")
            : "Wrote from home: {$words}";
    }

    /** Whether the trainer has to hear how the person is, and not only to find another day. */
    public function isAskedAbout(): bool
    {
        return $this->kind === NoteKind::NotToday && $this->reason?->isAskedAbout() === true;
    }
}
