<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Models\Access;

/** What somebody did with the record of a person on a day. */
final readonly class AccessView
{
    /**
     * @param string                      $day    date
     * @param \ArrayObject<string, int> $wrote  how often, by step; empty where it was only read
     * @param int                         $copies taken
     */
    public function __construct(public string $id, public string $day, public string $by, public string $person, public string $name, public \ArrayObject $wrote, public int $copies) {}

    public static function of(Access $row): self
    {
        return new self(
            id: $row->id,
            day: $row->day,
            by: $row->user->name,
            person: $row->person_id,
            name: $row->person->name,
            wrote: new \ArrayObject($row->wrote),
            copies: $row->copies,
        );
    }
}
