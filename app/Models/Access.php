<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * That somebody of the practice read a person's record on a day, what they changed in it, and whether they took a copy.
 *
 * @property string             $id
 * @property string             $practice_id
 * @property string             $person_id
 * @property string             $user_id
 * @property string             $day
 * @property array<string, int> $wrote   how often, by step
 * @property int                $copies
 * @property Carbon             $last_at
 *
 * @property-read Person $person
 * @property-read User   $user
 */
final class Access extends Model
{
    use BelongsToPractice;

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $table = 'accesses';

    /** @param string|null $step what was changed; null where it was only read */
    public static function note(User $by, string $person, string $day, ?string $step, bool $isCopy = false): void
    {
        $path = '$."'.$step.'"';
        $set = $step === null ? '' : ', wrote = JSON_SET(wrote, ?, COALESCE(JSON_VALUE(wrote, ?), 0) + 1)';
        DB::insert(
            "INSERT INTO accesses (id, practice_id, person_id, user_id, day, wrote, copies, last_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE last_at = VALUES(last_at), copies = copies + VALUES(copies){$set}",
            [strtolower((string) Str::ulid()), $by->practice_id, $person, $by->id, $day, $step === null ? '{}' : json_encode([$step => 1], JSON_THROW_ON_ERROR), (int) $isCopy, now()->toDateTimeString(), ...($step === null ? [] : [$path, $path])],
        );
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['wrote' => 'array', 'copies' => 'integer', 'last_at' => 'datetime'];
    }
}
