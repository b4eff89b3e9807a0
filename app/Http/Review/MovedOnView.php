<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\ReasonView;
use App\Records\PersonFile;
use App\Records\SessionsAtHand;

/** The session at hand, where something of it has moved on since it was written. */
final readonly class MovedOnView
{
    /** @param list<ReasonView> $reasons one for each exercise */
    public function __construct(public string $session, public string $title, public array $reasons) {}

    /** Null where it is as it would be written today, or closed. */
    public static function of(PersonFile $file): ?self
    {
        $session = $file->record->admission()->open ? SessionsAtHand::at($file->person->id, $file->record->today)?->inCore() : null;
        $changes = $session === null ? [] : $file->program()->asOfToday()->since($session->blocks, $session)->changes;

        return $session === null || $changes === [] ? null : new self($session->id, $session->title, ReasonView::all(array_values($changes)));
    }
}
