<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One answer to the list of danger signs.
 *
 * @property string       $id
 * @property list<string> $answers     danger signs answered with yes
 * @property string|null  $urgency
 * @property string       $answered_on
 * @property int          $sequence
 */
final class Screening extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answers' => 'encrypted:array', 'sequence' => 'integer'];
    }
}
