<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * That a person is of a squad.
 *
 * @property string      $id
 * @property string      $practice_id
 * @property string      $squad_id
 * @property string      $person_id
 * @property int         $place   in line
 * @property string|null $away_on the day on which they are not here
 */
final class SquadMember extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['away_on' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['place' => 'integer'];
    }
}
