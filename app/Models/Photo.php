<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A picture of a person, private to the practice.
 *
 * @property string $id
 * @property string $practice_id
 * @property string $person_id
 * @property int    $width
 * @property int    $height
 */
final class Photo extends Model
{
    use BelongsToPractice;
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'integer', 'height' => 'integer', 'sequence' => 'integer'];
    }
}
