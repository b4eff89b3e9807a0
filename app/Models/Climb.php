<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A climb test as it ended.
 *
 * @property string      $id
 * @property string      $person_id
 * @property string      $ladder
 * @property string      $side
 * @property list<array{rung: string, faults: list<string>, pain: int}> $trials
 * @property string|null $working_rung
 * @property string|null $gate_question
 * @property string      $sentence
 * @property string      $tested_on
 * @property int         $sequence
 */
final class Climb extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['trials' => 'array', 'sequence' => 'integer'];
    }
}
