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
 * @property string|null                $ends_on last day of its last week
 * @property int                        $sequence
 * @property string|null                $taken_back_at
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

    public function inCore(): KeptProgram
    {
        return new KeptProgram($this->id, $this->wish, $this->weeks, $this->rung_names, $this->why, $this->made_on, $this->taken_back_at !== null);
    }
}
