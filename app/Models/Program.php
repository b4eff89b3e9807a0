<?php

declare(strict_types=1);

namespace App\Models;

use EvenRungs\Program\KeptProgram;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * One version of a person's program. A new one is a new row: the newest holds.
 *
 * @property string                     $id
 * @property string                     $person_id
 * @property array<string, mixed>       $wish
 * @property list<array<string, mixed>> $weeks
 * @property array<string, array{name: string, tenths: int}> $rung_names by slug
 * @property string                     $library_version
 * @property string                     $why
 * @property string                     $made_on
 * @property string|null                $begins_on first day of its first week
 * @property string|null                $ends_on last day of its last week
 * @property int                        $sequence
 * @property string|null                $taken_back_at
 * @property-read int                   $week_count only where versions are listed
 */
final class Program extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = true;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['wish' => 'array', 'weeks' => 'array', 'rung_names' => 'array', 'sequence' => 'integer'];
    }

    /** The version that holds for a person: the newest that was not taken back. */
    public static function present(string $person): ?self
    {
        return self::query()->where('person_id', $person)->whereNull('taken_back_at')->orderByDesc('sequence')->orderByDesc('id')->first();
    }

    /** Versions shown in the list of them. */
    private const LISTED = 40;

    /** @return list<self> the newest versions of a person, without their weeks but for how many there are */
    public static function newest(string $person): array
    {
        return array_values(self::query()->where('person_id', $person)->orderByDesc('sequence')->orderByDesc('id')->limit(self::LISTED)
            ->select(['id', 'why', 'made_on', 'taken_back_at', 'sequence'])->selectRaw('JSON_LENGTH(weeks) AS week_count')->withCasts(['week_count' => 'integer'])->get()->all());
    }

    public function inCore(): KeptProgram
    {
        return new KeptProgram($this->id, $this->wish, $this->weeks, $this->rung_names, $this->why, $this->made_on, $this->taken_back_at !== null);
    }
}
