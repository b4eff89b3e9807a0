<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A leaving mark the trainer wrote for a person and a rung; the newest of a rung holds.
 *
 * @property string   $id
 * @property string   $person_id
 * @property string   $rung
 * @property int|null $target of a set; null where it was taken back
 * @property string   $reason
 * @property string   $written_on
 * @property int      $sequence
 */
final class RungMark extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['target' => 'integer', 'reason' => 'encrypted', 'sequence' => 'integer'];
    }
}
