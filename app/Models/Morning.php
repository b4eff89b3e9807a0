<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * How it was the next morning, for one ladder.
 *
 * @property string $id
 * @property string $session_log_id
 * @property string|null $event_id the answer it came from; null where each ladder was asked
 * @property string $ladder
 * @property string|null $place
 * @property string|null $side
 * @property int    $pain
 * @property bool   $worse
 * @property string $answered_on
 * @property int    $sequence
 */
final class Morning extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pain' => 'integer', 'worse' => 'boolean', 'sequence' => 'integer'];
    }
}
