<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a reader wrote about a person, or was written back by a trainer: each reader sees their own alone.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $person_id
 * @property string      $reader_id whom it is with
 * @property string      $user_id   who wrote it
 * @property string      $text
 * @property string      $on_day
 * @property string      $time_zone
 * @property int         $sequence
 * @property Carbon|null $read_at   by the other side
 * @property string|null $read_by
 * @property Carbon|null $undone_at
 *
 * @property-read User $writer
 */
final class ReaderNote extends Model
{
    use BelongsToPractice;
    use HasUlids;

    /** So many unread are looked at for their names. */
    private const NAMED = 20;

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['read_at' => null, 'read_by' => null, 'undone_at' => null];

    /**
     * Of readers, that no trainer has read, the oldest first.
     *
     * @return Builder<self>
     */
    public static function unread(string $person): Builder
    {
        return self::query()->where('person_id', $person)->whereColumn('user_id', 'reader_id')->whereNull('read_at')->whereNull('undone_at')->orderBy('sequence')->orderBy('id');
    }

    /** @return list<string> names of those whose note no trainer has read, the oldest first */
    public static function unreadBy(string $person): array
    {
        $rows = self::unread($person)->with('writer:id,name')->limit(self::NAMED)->get();

        return array_values(array_unique($rows->map(static fn(self $row): string => $row->writer->name)->all()));
    }

    public function isReaders(): bool
    {
        return $this->user_id === $this->reader_id;
    }

    /** @return BelongsTo<User, $this> */
    public function writer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['text' => 'encrypted', 'sequence' => 'integer', 'read_at' => 'datetime', 'undone_at' => 'datetime'];
    }
}
