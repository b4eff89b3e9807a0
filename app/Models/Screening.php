<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One answer to the list of danger signs.
 *
 * @property string       $id
 * @property string       $person_id
 * @property list<string> $answers     danger signs answered with yes
 * @property list<string>|null $denied danger signs answered with no; null for answers from before each was asked for
 * @property string|null  $urgency
 * @property string|null  $asked       who was asked
 * @property string       $user_id     who asked
 * @property \Illuminate\Support\Carbon|null $withdrawn_at
 * @property string|null  $withdrawn_by
 * @property string|null  $withdrawn_because
 * @property-read User      $user       who asked
 * @property-read User|null $withdrawer who took it back
 * @property string       $answered_on
 * @property int          $sequence
 */
final class Screening extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function withdrawer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'withdrawn_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answers' => 'encrypted:array', 'denied' => 'encrypted:array', 'withdrawn_because' => 'encrypted', 'withdrawn_at' => 'datetime', 'sequence' => 'integer'];
    }
}
