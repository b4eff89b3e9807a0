<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Soreness of the trunk as told on a day; the newest of a day counts.
 *
 * @property string $id
 * @property string $person_id
 * @property string $day
 * @property int    $of_ten
 * @property int    $sequence
 */
final class SorenessAnswer extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['of_ten' => 'integer', 'sequence' => 'integer'];
    }
}
