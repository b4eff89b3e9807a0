<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property string   $id
 * @property string   $practice_id
 * @property string   $name
 * @property string   $email
 * @property string   $password
 * @property string   $role
 * @property \Illuminate\Support\Carbon|null $invited_at until they have joined
 * @property \Illuminate\Support\Carbon|null $unreached_at since when the letter of the invitation is given up
 * @property \Illuminate\Support\Carbon|null $ended_at   since when they have no access
 * @property Practice $practice
 */
final class User extends Authenticatable
{
    use HasUlids;

    protected $guarded = [];

    protected $attributes = ['invited_at' => null, 'unreached_at' => null, 'ended_at' => null];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'invited_at' => 'datetime', 'unreached_at' => 'datetime', 'ended_at' => 'datetime'];
    }
}
