<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * Opens a person's own page. Its token is shown once, when it is made.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property string      $user_id     who made it
 * @property string      $token       hash
 * @property Carbon      $expires_at
 * @property Carbon|null $revoked_at
 * @property Carbon      $created_at
 * @property User        $maker
 */
final class HomeLink extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public const WEEKS = 12;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'revoked_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    public function opens(): bool
    {
        return $this->revoked_at === null && $this->expires_at->isFuture();
    }

    /** 40 letters and digits: more than 230 bits. */
    public static function newToken(): string
    {
        return Str::random(40);
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
