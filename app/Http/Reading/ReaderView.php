<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Models\Readership;
use App\Models\User;
use EvenRungs\Person\SharedPart;

/** A reader of the practice, and what of the person they are shown. */
final readonly class ReaderView
{
    /**
     * @param list<SharedPart> $parts none where nothing is shared
     * @param string|null      $since date
     * @param string|null      $until the last day; null without an end
     * @param bool             $isOver that day is past
     */
    public function __construct(public string $id, public string $name, public array $parts, public ?string $since, public ?string $until, public bool $isOver) {}

    public static function of(User $reader, ?Readership $row, string $today): self
    {
        return new self(id: $reader->id, name: $reader->name, parts: $row?->shown() ?? [], since: $row?->on_day, until: $row?->until, isOver: $row?->until !== null && $row->until < $today);
    }
}
