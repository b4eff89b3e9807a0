<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Models\ReaderNote;
use App\Models\User;

/** What a reader wrote, or was written back. */
final readonly class ReaderNoteView
{
    /**
     * @param string $reader    whom it is with
     * @param bool   $isReaders the reader wrote it, and no trainer
     * @param bool   $isMine    it may be taken back until it is read
     * @param bool   $isRead    by the other side
     */
    public function __construct(public string $id, public string $reader, public string $by, public bool $isReaders, public bool $isMine, public bool $isRead, public string $on, public string $text) {}

    public static function of(ReaderNote $row, User $by): self
    {
        return new self(id: $row->id, reader: $row->reader_id, by: $row->writer->name, isReaders: $row->isReaders(), isMine: $row->user_id === $by->id, isRead: $row->read_at !== null, on: $row->on_day, text: $row->text);
    }
}
