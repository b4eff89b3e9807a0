<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A move on a ladder: who, when, why. The newest row of a ladder and side is where the person stands.
 *
 * @property string               $id
 * @property string               $person_id
 * @property string               $ladder
 * @property string               $side
 * @property string               $rung
 * @property string|null          $range         as a dose line writes it, on rungs that have one
 * @property array<string, mixed> $rung_snapshot
 * @property string               $library_version
 * @property bool                 $stopped
 * @property bool                 $guessed
 * @property string               $reason
 * @property string|null          $decision_id
 * @property string               $placed_on
 * @property string               $user_id
 * @property int                  $sequence
 * @property string|null          $undone_at
 */
final class Placement extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rung_snapshot' => 'array', 'stopped' => 'boolean', 'guessed' => 'boolean', 'sequence' => 'integer'];
    }
}
