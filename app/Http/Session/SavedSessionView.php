<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Models\TrainingSession;

/** What saving a session comes to; what it computes to is known from its preview. */
final readonly class SavedSessionView
{
    public function __construct(
        public string $id,
        public string $title,
        public int $version,
        public string $changedAt,
    ) {}

    public static function of(TrainingSession $row): self
    {
        return new self($row->id, $row->title, $row->version, (string) $row->updated_at?->toIso8601ZuluString());
    }
}
