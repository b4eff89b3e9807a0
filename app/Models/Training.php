<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A session being trained, as one device tells it. Once it has ended, the log under the same id is made of it.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property string      $training_session_id
 * @property string      $device
 * @property string      $done_on
 * @property string      $time_zone
 * @property int         $started_at milliseconds since 1970, UTC
 * @property int         $sets
 * @property bool        $ended
 * @property string|null $same_as
 * @property string|null $asked_of
 * @property 'end'|'two'|'answers'|null $waits
 * @property string      $user_id
 * @property int         $sequence
 */
final class Training extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['started_at' => 'integer', 'sets' => 'integer', 'ended' => 'boolean', 'sequence' => 'integer'];
    }
}
