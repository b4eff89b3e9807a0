<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Marks on a picture.
 *
 * @property string      $id
 * @property string      $person_id
 * @property 'side'|'behind' $view
 * @property string|null $photo_id
 * @property array<string, array{x: float, y: float}> $marks
 * @property array{from: array{x: float, y: float}, to: array{x: float, y: float}, centimetres: float}|null $scale
 * @property string|null $note
 * @property string      $tested_on
 * @property int         $sequence
 */
final class AlignmentCheck extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $table = 'alignments';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['marks' => 'array', 'scale' => 'array', 'note' => 'encrypted', 'sequence' => 'integer'];
    }
}
