<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * How a person's plan goes into a calendar, and the private address it can be subscribed at.
 *
 * @property string                  $id
 * @property string                  $practice_id
 * @property string                  $person_id
 * @property array{morning: int, midday: int, evening: int} $times minutes after midnight
 * @property int|null                $alarm_minutes before the start
 * @property string|null             $token_hash    of the private address
 * @property string|null             $address_made_on
 * @property \Illuminate\Support\Carbon|null $read_at
 * @property string                  $user_id       whose practice clock it is read by
 * @property int                     $version
 */
final class PlanCalendar extends Model
{
    use BelongsToPractice;
    use HasUlids;

    protected $table = 'calendars';

    public $timestamps = true;

    protected $guarded = [];

    protected $hidden = ['token_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['times' => 'array', 'alarm_minutes' => 'integer', 'version' => 'integer', 'read_at' => 'datetime'];
    }
}
