<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the trainer decided about a rung, and what the rules had proposed. Kept for ever.
 *
 * @property string                     $id
 * @property string                     $person_id
 * @property string                     $session_log_id
 * @property string                     $ladder
 * @property string                     $side
 * @property string                     $rung
 * @property array<string, mixed>       $rung_snapshot
 * @property string                     $library_version
 * @property string                     $proposed
 * @property list<array<string, mixed>> $reasons
 * @property string                     $choice
 * @property string|null                $to_rung
 * @property string                     $choice_reason
 * @property string|null                $taken_back_at
 * @property string                     $decided_on
 * @property string                     $user_id
 * @property int                        $sequence
 * @property SessionLog|null $log
 */
final class Decision extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rung_snapshot' => 'array', 'reasons' => 'array', 'sequence' => 'integer'];
    }

    /** @return BelongsTo<SessionLog, $this> what it is about */
    public function log(): BelongsTo
    {
        return $this->belongsTo(SessionLog::class, 'session_log_id');
    }
}
