<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A week of a program written into the person's week, and what stood there before.
 *
 * @property string $id
 * @property string $person_id
 * @property string $monday
 * @property list<array{id: string, session: string, day: int, part: string, placement: string, effort: int, only: string|null, since: string}>    $slots taken out of the plan
 * @property list<array{slot: string, monday: string, day: int|null, part: string|null, placement: string|null, effort: int|null}>                 $moves of this week, before
 * @property array<string, array{wrote: string, before: array<string, mixed>|null}>                                                                   $sessions by identifier: what tells that it is as written, and the columns before; null where the session was made
 * @property string|null $taken_back_at
 */
final class WeekWriting extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['slots' => 'array', 'moves' => 'array', 'sessions' => 'array', 'sequence' => 'integer'];
    }
}
