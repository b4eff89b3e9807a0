<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Person\SharedPart;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * That a reader may see parts of a person's record. A change ends one and begins another: what was shared when stays known.
 *
 * @property string       $id
 * @property string       $practice_id
 * @property string       $person_id
 * @property string       $reader_id
 * @property list<string> $parts
 * @property string|null  $until    the last day
 * @property string       $user_id  who shared it
 * @property string       $on_day
 * @property string       $time_zone
 * @property int          $sequence
 * @property Carbon|null  $ended_at
 * @property string|null  $ended_by
 *
 * @property-read Person $person
 * @property-read User   $reader
 * @property-read User   $user
 */
final class Readership extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['ended_at' => null, 'ended_by' => null];

    /**
     * Those that hold on a day.
     *
     * @return Builder<self>
     */
    public static function holding(string $today): Builder
    {
        return self::query()->whereNull('ended_at')->where(static fn(Builder $ends) => $ends->whereNull('until')->orWhere('until', '>=', $today));
    }

    /** @return list<SharedPart> */
    public function shown(): array
    {
        return array_values(array_filter(SharedPart::cases(), fn(SharedPart $part): bool => in_array($part->value, $this->parts, true)));
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<User, $this> */
    public function reader(): BelongsTo
    {
        return $this->belongsTo(User::class, 'reader_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['parts' => 'array', 'sequence' => 'integer', 'ended_at' => 'datetime'];
    }
}
