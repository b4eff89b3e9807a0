<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Someone who is trained.
 *
 * @property string       $id
 * @property string       $practice_id
 * @property string       $name
 * @property string       $about          work, hobby or sport in a few words
 * @property string       $aim
 * @property list<int>    $training_days  1 Monday to 7 Sunday
 * @property int          $minutes        for core work in a session
 * @property list<string> $kit
 * @property int          $version
 *
 * @property-read \Illuminate\Database\Eloquent\Collection<int, PersonLimit>     $limits
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Screening>       $screenings
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Clearance>       $clearances
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Placement>       $placements
 * @property-read \Illuminate\Database\Eloquent\Collection<int, TrainingSession> $trainingSessions
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SessionLog>      $logs
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Decision>        $decisions
 */
final class Person extends Model
{
    use BelongsToPractice;
    use HasUlids;

    protected $guarded = [];

    /** @return HasMany<PersonLimit, $this> */
    public function limits(): HasMany
    {
        return $this->hasMany(PersonLimit::class);
    }

    /** @return HasMany<Screening, $this> */
    public function screenings(): HasMany
    {
        $rows = $this->hasMany(Screening::class);
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<Clearance, $this> */
    public function clearances(): HasMany
    {
        $rows = $this->hasMany(Clearance::class);
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<Placement, $this> */
    public function placements(): HasMany
    {
        $rows = $this->hasMany(Placement::class);
        $rows->whereNull('undone_at');
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<TrainingSession, $this> */
    public function trainingSessions(): HasMany
    {
        $rows = $this->hasMany(TrainingSession::class);
        $rows->orderByDesc('id');

        return $rows;
    }

    /** @return HasMany<SessionLog, $this> */
    public function logs(): HasMany
    {
        $rows = $this->hasMany(SessionLog::class);
        $rows->orderBy('done_on');
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        $rows = $this->hasMany(Decision::class);
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['training_days' => 'array', 'kit' => 'array', 'minutes' => 'integer', 'version' => 'integer'];
    }
}
