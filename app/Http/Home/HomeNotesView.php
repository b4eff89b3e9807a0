<?php

declare(strict_types=1);

namespace App\Http\Home;

/** What went between home and practice, and what did not arrive. */
final readonly class HomeNotesView
{
    /**
     * @param list<HomeNoteView>    $notes       those that wait first, then the newest
     * @param string|null           $quiet       that nothing has come for long
     * @param list<UndeliveredView> $undelivered messages that did not reach the person
     */
    public function __construct(public array $notes, public ?string $quiet, public array $undelivered) {}
}
