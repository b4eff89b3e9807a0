<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A clinician's clearance.
 *
 * @property string $id
 * @property string $person_id
 * @property string $clinician
 * @property string $scope
 * @property string $from
 * @property string $until
 * @property string $recorded_on
 * @property int    $sequence
 */
final class Clearance extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['clinician' => 'encrypted', 'scope' => 'encrypted', 'sequence' => 'integer'];
    }
}
