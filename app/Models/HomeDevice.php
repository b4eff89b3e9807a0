<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A device of a person on which their page is open: the first by the link alone, each other one by a code of the trainer.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property string      $home_link_id
 * @property string      $token        hash
 * @property string|null $code         until it is let in
 * @property int         $tries
 * @property Carbon|null $admitted_at
 * @property Carbon|null $seen_at
 * @property Carbon      $created_at
 * @property HomeLink    $link
 */
final class HomeDevice extends Model
{
    use BelongsToPractice;
    use HasUlids;

    /** Wrong codes until it has to be opened anew, and minutes in which the code is typed. */
    public const TRIES = 5;

    public const MINUTES = 15;

    protected $guarded = [];

    protected $attributes = ['tries' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['code' => 'encrypted', 'admitted_at' => 'datetime', 'seen_at' => 'datetime'];
    }

    /** @return BelongsTo<HomeLink, $this> */
    public function link(): BelongsTo
    {
        return $this->belongsTo(HomeLink::class, 'home_link_id')->withoutGlobalScopes();
    }
}
