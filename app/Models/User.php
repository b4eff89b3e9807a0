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
 * @property string   $role     owner, trainer or reader
 * @property \Illuminate\Support\Carbon|null $invited_at until they have joined
 * @property \Illuminate\Support\Carbon|null $unreached_at since when the letter of the invitation is given up
 * @property \Illuminate\Support\Carbon|null $ended_at   since when they have no access
 * @property string|null  $second_secret base64, encrypted
 * @property \Illuminate\Support\Carbon|null $second_since since when a second step is asked for
 * @property int|null     $second_used   step of time of the last code that was taken
 * @property list<string>|null $second_codes hashes of those on paper that are left
 * @property bool         $second_asked  by the practice, of everybody
 * @property Practice $practice
 */
final class User extends Authenticatable
{
    use HasUlids;

    /** Sees of people what is shared with them, and writes notes. */
    public const READER = 'reader';

    protected $guarded = [];

    protected $attributes = ['invited_at' => null, 'unreached_at' => null, 'ended_at' => null, 'second_secret' => null, 'second_since' => null, 'second_used' => null, 'second_codes' => null, 'second_asked' => false];

    protected $hidden = ['password', 'remember_token', 'second_secret', 'second_codes'];

    public function hasSecondStep(): bool
    {
        return $this->second_since !== null;
    }

    /** It has to be set up before anything else. */
    public function lacksSecondStep(): bool
    {
        return $this->second_asked && ! $this->hasSecondStep();
    }

    public function isReader(): bool
    {
        return $this->role === self::READER;
    }

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'invited_at' => 'datetime', 'unreached_at' => 'datetime', 'ended_at' => 'datetime', 'second_secret' => 'encrypted', 'second_since' => 'datetime', 'second_used' => 'integer', 'second_codes' => 'array', 'second_asked' => 'boolean'];
    }
}
