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
        return $this->hasMany(Screening::class)->orderBy('sequence');
    }

    /** @return HasMany<Clearance, $this> */
    public function clearances(): HasMany
    {
        return $this->hasMany(Clearance::class)->orderBy('sequence');
    }

    /** @return HasMany<Placement, $this> */
    public function placements(): HasMany
    {
        return $this->hasMany(Placement::class)->whereNull('undone_at')->orderBy('sequence');
    }

    /** @return HasMany<TrainingSession, $this> */
    public function trainingSessions(): HasMany
    {
        return $this->hasMany(TrainingSession::class)->orderByDesc('id');
    }

    /** @return HasMany<SessionLog, $this> */
    public function logs(): HasMany
    {
        return $this->hasMany(SessionLog::class)->orderBy('done_on')->orderBy('sequence');
    }

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        return $this->hasMany(Decision::class)->orderBy('sequence');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['training_days' => 'array', 'kit' => 'array', 'minutes' => 'integer', 'version' => 'integer'];
    }
}
