<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Models\HomeNote;
use EvenRungs\Home\NoteKind;

/** What was told from home, or answered. */
final readonly class HomeNoteView
{
    /**
     * @param string      $on        date
     * @param string      $text      in the writer’s own words; empty for none
     * @param string|null $putOff    what was asked to be put off, and why
     * @param bool        $isWaiting nobody has seen to it yet
     * @param bool        $isAskedAbout how the person is goes before when they train
     * @param bool        $isSeen    of an answer: by the person
     */
    public function __construct(public string $id, public NoteKind $kind, public string $on, public string $text, public ?string $putOff, public bool $isWaiting, public bool $isAskedAbout, public bool $isSeen) {}

    public static function of(HomeNote $row): self
    {
        $note = $row->inCore();

        return new self(
            id: $row->id,
            kind: $row->kind,
            on: $row->on_day,
            text: $note->text,
            putOff: $note->kind === NoteKind::NotToday ? ($note->title === '' ? '' : "“{$note->title}”: ").($note->reason?->label() ?? '') : null,
            isWaiting: $row->settled_at === null && $row->kind !== NoteKind::Answer,
            isAskedAbout: $note->isAskedAbout(),
            isSeen: $row->seen_at !== null,
        );
    }
}
