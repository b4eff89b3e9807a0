<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Body\Kit;
use EvenRungs\Squad\SquadClock;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Meeting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * People of a practice who train together, and what their session is.
 *
 * @property string       $id
 * @property string       $practice_id
 * @property string       $name
 * @property list<string> $stations           slugs of ladders, in order
 * @property int          $work_seconds
 * @property int          $change_seconds
 * @property int          $rounds
 * @property int          $round_rest_seconds
 * @property list<string>|null $kit           where they train; null goes by the place of each
 * @property list<array{day: int, part: string, time: string|null, effort: int}>|null $meets in every week; null is nowhere
 * @property int          $version
 *
 * @property-read Collection<int, SquadMember> $members in line
 * @property-read int|null                     $present_count
 */
final class Squad extends Model
{
    use BelongsToPractice;
    use HasUlids;
    use SoftDeletes;

    /** One that was let go of can be brought back for so many days. */
    public const DAYS_KEPT = 30;

    protected $guarded = [];

    protected $attributes = ['kit' => null, 'meets' => null];

    /** @return HasMany<SquadMember, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(SquadMember::class)->orderBy('place');
    }

    /** @return HasMany<SquadMember, $this> but for those who were put away */
    public function present(): HasMany
    {
        return $this->hasMany(SquadMember::class)->whereIn('person_id', Person::query()->whereNull('archived_at')->select('id'));
    }

    /** @param int $stations of those stored, how many there still are */
    public function clock(int $stations): SquadClock
    {
        return new SquadClock($stations, $this->work_seconds, $this->change_seconds, $this->rounds, $this->round_rest_seconds);
    }

    /** @return list<Kit>|null */
    public function kit(): ?array
    {
        return $this->kit === null ? null : array_map(Kit::from(...), $this->kit);
    }

    /** @return list<Meeting> */
    public function meetings(): array
    {
        return array_map(static fn(array $at): Meeting => new Meeting(Cell::at($at['day'], DayPart::from($at['part']), $at['time']), $at['effort']), $this->meets ?? []);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['stations' => 'array', 'kit' => 'array', 'meets' => 'array', 'work_seconds' => 'integer', 'change_seconds' => 'integer', 'rounds' => 'integer', 'round_rest_seconds' => 'integer', 'version' => 'integer'];
    }
}
