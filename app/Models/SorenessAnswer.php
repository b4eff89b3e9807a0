<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Calendar\Day;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Soreness of the trunk as told on a day; the newest of a day counts.
 *
 * @property string $id
 * @property string $person_id
 * @property string $day
 * @property int    $of_ten
 * @property int    $sequence
 */
final class SorenessAnswer extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['of_ten' => 'integer', 'sequence' => 'integer'];
    }

    /** The last answer of a day, 0 to 10; null when nobody asked. */
    public static function toldOn(string $person, Day $day): ?int
    {
        return self::toldIn($person, $day, $day)[$day->iso()] ?? null;
    }

    /** @return array<string, int> the last answer of each day on which somebody asked, 0 to 10, by date */
    public static function toldIn(string $person, Day $from, Day $until): array
    {
        return self::query()->where('person_id', $person)->whereBetween('day', [$from->iso(), $until->iso()])->orderBy('sequence')->get(['day', 'of_ten'])
            ->mapWithKeys(static fn(self $row): array => [$row->day => $row->of_ten])->all();
    }
}
