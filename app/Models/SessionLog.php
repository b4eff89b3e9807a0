<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A session as it was done.
 *
 * @property string               $id
 * @property string               $person_id
 * @property string               $training_session_id
 * @property string               $title
 * @property array<string, mixed> $rung_snapshots
 * @property string               $library_version
 * @property int|null             $seconds
 * @property string|null          $ended_why before its last set
 * @property string               $done_on
 * @property int                  $sequence
 * @property bool                 $at_home   told from there by the person
 * @property list<array{place: string, side: string|null, pain: int}>|null $pain_before null when nobody asked
 * @property \Illuminate\Database\Eloquent\Collection<int, SetEntry> $sets
 * @property \Illuminate\Database\Eloquent\Collection<int, Morning>  $mornings
 */
final class SessionLog extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return HasMany<SetEntry, $this> */
    public function sets(): HasMany
    {
        $rows = $this->hasMany(SetEntry::class);
        $rows->orderBy('set_number');

        return $rows;
    }

    /** @return HasMany<Morning, $this> */
    public function mornings(): HasMany
    {
        $rows = $this->hasMany(Morning::class);
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rung_snapshots' => 'array', 'seconds' => 'integer', 'sequence' => 'integer', 'at_home' => 'boolean', 'pain_before' => 'array'];
    }
}
