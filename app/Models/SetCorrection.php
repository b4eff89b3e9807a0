<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A typing error of a logged set that was corrected: the set holds what is right, this what was told.
 *
 * @property string $id
 * @property string $session_log_id
 * @property string $item
 * @property int    $set_number
 * @property string $before       as it was told, in words
 * @property string $user_id
 * @property string $corrected_on date
 * @property int    $sequence
 */
final class SetCorrection extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['before' => 'encrypted', 'set_number' => 'integer', 'sequence' => 'integer'];
    }
}
