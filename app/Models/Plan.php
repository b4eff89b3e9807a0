<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * The week of a person's core sessions, and what is different in single weeks.
 *
 * @property string $id
 * @property string $person_id
 * @property list<array{id: string, session: string, day: int, part: string, placement: string, effort: int, only: string|null, since: string}> $slots only: Monday of the one week it is for; since: the date it was placed
 * @property list<array{slot: string, monday: string, day: int|null, part: string|null, placement: string|null, effort: int|null}> $moves day null: left out that week
 * @property list<string> $away    dates without training
 * @property int          $version
 */
final class Plan extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['slots' => 'array', 'moves' => 'array', 'away' => 'array', 'version' => 'integer'];
    }
}
