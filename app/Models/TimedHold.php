<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A timed hold.
 *
 * @property string      $id
 * @property string      $person_id
 * @property string      $kind
 * @property string      $side
 * @property int         $seconds
 * @property string      $end
 * @property string|null $note
 * @property string      $tested_on
 * @property int         $sequence
 */
final class TimedHold extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $table = 'holds';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seconds' => 'integer', 'note' => 'encrypted', 'sequence' => 'integer'];
    }
}
