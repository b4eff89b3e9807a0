<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\ReaderScope;
use EvenRungs\Calendar\Day;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\TrainingKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Someone who is trained.
 *
 * @property string       $id
 * @property string       $practice_id
 * @property string|null  $trainer_id     whose level of method holds
 * @property string       $name
 * @property string       $about          work, hobby or sport in a few words
 * @property string       $aim
 * @property list<int>    $training_days  1 Monday to 7 Sunday
 * @property int          $minutes        for core work in a session
 * @property int|null     $birth_year
 * @property string|null  $stature      cm
 * @property string|null  $mass         kg
 * @property string|null  $sex
 * @property string|null  $hand
 * @property string|null  $injured_side
 * @property array<string, int>|null $shares own target shares by demand
 * @property list<array{name: string, kit: list<string>, weights?: list<int>}> $places where the person trains, the kit and the grams of the weights there
 * @property int          $place          the one planning looks at
 * @property list<array{what: string, heavy: bool, day: int, part: string, every?: int, from?: string|null, time?: string|null}>|null $week other training
 * @property string|null  $notes
 * @property string|null  $consented_on
 * @property \Illuminate\Support\Carbon|null $archived_at
 * @property string|null  $erase_on       the day on which the record is erased for good
 * @property string|null  $erase_asked_by
 * @property int          $version
 *
 * @property-read \Illuminate\Database\Eloquent\Collection<int, PersonLimit>     $limits
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Screening>       $screenings
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Clearance>       $clearances
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Placement>       $placements
 * @property-read \Illuminate\Database\Eloquent\Collection<int, TrainingSession> $trainingSessions
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Decision>        $decisions
 * @property-read \Illuminate\Database\Eloquent\Collection<int, TimedHold>        $holds
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Climb>           $climbs
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SetUp>           $setUps
 * @property-read Plan|null $plan
 * @property-read \Illuminate\Database\Eloquent\Collection<int, RungMark> $rungMarks every mark that was written, oldest first
 * @property-read \Illuminate\Database\Eloquent\Collection<int, RungAllowance> $rungAllowances those not taken back, oldest first
 * @property-read \Illuminate\Database\Eloquent\Collection<int, AlignmentCheck>  $alignments newest first
 * @property-read BraceTest|null $latestBrace
 * @property-read \Illuminate\Database\Eloquent\Collection<int, BraceTest>       $braceTests newest first
 */
final class Person extends Model
{
    use BelongsToPractice;
    use HasUlids;

    protected $guarded = [];

    protected static function booted(): void
    {
        self::addGlobalScope(new ReaderScope);
    }

    /** @return HasMany<PersonLimit, $this> */
    public function limits(): HasMany
    {
        return $this->hasMany(PersonLimit::class);
    }

    /** @return HasMany<Screening, $this> answers that stand: what was taken back is none */
    public function screenings(): HasMany
    {
        $rows = $this->hasMany(Screening::class);
        $rows->whereNull('withdrawn_at');
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<Clearance, $this> */
    public function clearances(): HasMany
    {
        $rows = $this->hasMany(Clearance::class);
        $rows->whereNull('undone_at');
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

    /** @return HasMany<Decision, $this> */
    public function decisions(): HasMany
    {
        $rows = $this->hasMany(Decision::class);
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<TimedHold, $this> */
    public function holds(): HasMany
    {
        $rows = $this->hasMany(TimedHold::class);
        $rows->whereNull('undone_at');
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<Climb, $this> */
    public function climbs(): HasMany
    {
        $rows = $this->hasMany(Climb::class);
        $rows->whereNull('undone_at');
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasOne<Plan, $this> */
    public function plan(): HasOne
    {
        return $this->hasOne(Plan::class);
    }

    /** @return HasMany<RungMark, $this> every mark that was written, oldest first */
    public function rungMarks(): HasMany
    {
        $rows = $this->hasMany(RungMark::class);
        $rows->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<RungAllowance, $this> those not taken back, oldest first */
    public function rungAllowances(): HasMany
    {
        $rows = $this->hasMany(RungAllowance::class);
        $rows->whereNull('taken_back_at')->orderBy('sequence');

        return $rows;
    }

    /** @return HasMany<SetUp, $this> */
    public function setUps(): HasMany
    {
        return $this->hasMany(SetUp::class);
    }

    /** @return HasMany<AlignmentCheck, $this> */
    public function alignments(): HasMany
    {
        $rows = $this->hasMany(AlignmentCheck::class);
        $rows->whereNull('undone_at');
        $rows->orderByDesc('sequence');

        return $rows;
    }

    /** @return HasOne<BraceTest, $this> the newest that was not taken back */
    public function latestBrace(): HasOne
    {
        return $this->hasOne(BraceTest::class)->ofMany(['sequence' => 'max'], static fn(Builder $rows) => $rows->whereNull('undone_at'));
    }

    /** @return HasMany<BraceTest, $this> */
    public function braceTests(): HasMany
    {
        $rows = $this->hasMany(BraceTest::class);
        $rows->whereNull('undone_at');
        $rows->orderByDesc('sequence');

        return $rows;
    }

    /** @return list<OtherTraining> */
    public function otherTraining(): array
    {
        return array_map(static fn(array $other): OtherTraining => new OtherTraining(
            TrainingKind::from($other['what']),
            $other['heavy'],
            Cell::at($other['day'], DayPart::from($other['part']), $other['time'] ?? null),
            $other['every'] ?? 1,
            isset($other['from']) ? Day::parse($other['from']) : null,
        ), $this->week ?? []);
    }

    /** @return list<string> at the place planning looks at */
    public function kit(): array
    {
        return ($this->places[$this->place] ?? $this->places[0] ?? ['kit' => []])['kit'];
    }

    /** @return list<int>|null grams of the weights at the place planned for; null when nobody has said */
    public function weights(): ?array
    {
        $weights = ($this->places[$this->place] ?? $this->places[0] ?? [])['weights'] ?? [];

        return $weights === [] ? null : $weights;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'training_days' => 'array', 'minutes' => 'integer', 'version' => 'integer', 'birth_year' => 'integer', 'shares' => 'array',
            'places' => 'array', 'place' => 'integer', 'week' => 'array', 'notes' => 'encrypted', 'stature' => 'encrypted', 'mass' => 'encrypted', 'archived_at' => 'datetime',
        ];
    }
}
